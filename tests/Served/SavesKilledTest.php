<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Http\Console\Once\OnlyOnce;
use App\Models\FormVersion;
use App\Models\Product;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\AsksConsole;
use Tests\Support\KillsServers;

/** The servers are killed again and again while sellers save: nothing that was typed is lost, and nothing is saved twice. */
final class SavesKilledTest extends ServedTestCase
{
    use AsksConsole;
    use KillsServers;

    private const WINDOWS = 16;

    private const MOST_ROUNDS = 40;

    public function test_sixteen_products_are_made_once_each_while_the_servers_that_make_them_are_killed(): void
    {
        $blank = (array) $this->read($this->ask('GET', 'products/blank')->wait())['entry'];
        $waiting = [];
        for ($window = 1; $window <= self::WINDOWS; $window++) {
            $waiting["act-{$window}"] = ['name' => "Honey {$window}", 'sku' => "honey-{$window}", 'price' => '9.80'] + $blank;
        }
        $killed = 0;
        for ($round = 0; $waiting !== [] && $round < self::MOST_ROUNDS; $round++) {
            if ($round < 6) {
                $this->killIn(random_int(10, 90), $round === 3 ? $this->database() : $this->workers());
            }
            $asked = [];
            foreach ($waiting as $name => $form) {
                $asked[$name] = $this->ask('POST', 'products', $form, [OnlyOnce::HEADER => $name]);
            }
            foreach ($this->answersOf($asked) as $name => $status) {
                if ($status === 201) {
                    unset($waiting[$name]);
                } else {
                    $killed++;
                }
            }
            usleep(200_000);
        }

        self::assertSame([], $waiting, 'Not everything was made.');
        self::assertGreaterThan(0, $killed, 'Nobody was in the middle of anything.');
        $names = Product::query()->where('shop_id', $this->shop->id)->orderBy('id')->pluck('name')->all();
        self::assertEqualsCanonicalizing(array_map(static fn (int $window): string => "Honey {$window}", range(1, self::WINDOWS)), $names);
    }

    public function test_a_form_that_is_saved_again_and_again_until_it_is_answered_is_saved_once(): void
    {
        $product = $this->product($this->shop, ['stock' => 5]);
        $form = (array) $this->read($this->ask('GET', "products/{$product->id}")->wait())['entry'];
        for ($turn = 1; $turn <= 6; $turn++) {
            $sent = ['name' => "Honey {$turn}", 'version' => $this->read($this->ask('GET', "products/{$product->id}")->wait())['version']] + $form;
            for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
                if ($round === 0) {
                    $this->killIn(random_int(10, 60), $this->workers());
                }
                if ($this->answersOf(['save' => $this->ask('PUT', "products/{$product->id}", $sent)])['save'] === 200) {
                    break;
                }
                usleep(200_000);
            }
            $this->killersAreDone();
            self::assertSame(["Honey {$turn}", 5], [$product->refresh()->name, $product->stock]);
        }

        $said = FormVersion::query()->where(['shop_id' => $this->shop->id, 'kind' => 'product', 'subject_id' => $product->id])->orderBy('version')->get()->map(static fn (FormVersion $version): mixed => $version->form['name'] ?? null)->all();
        self::assertSame(7, count($said));
        self::assertSame(array_map(static fn (int $turn): string => "Honey {$turn}", range(1, 6)), array_slice($said, -6));
    }

    /**
     * @param  array<string, PromiseInterface>  $asked
     * @return array<string, int> statuses of HTTP; 0 where none came
     */
    private function answersOf(array $asked): array
    {
        $statuses = array_map(static fn (): int => 0, $asked);
        foreach ($asked as $name => $promise) {
            $promise->then(static function (mixed $answer) use (&$statuses, $name): void {
                $statuses[$name] = $answer instanceof ResponseInterface ? $answer->getStatusCode() : 0;
            });
        }
        Utils::settle($asked)->wait();

        return $statuses;
    }
}
