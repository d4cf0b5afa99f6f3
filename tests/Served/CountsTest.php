<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Results\Labels;
use GuzzleHttp\Client;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Illuminate\Support\Facades\DB;
use PaperKite\Offer\Onwards;
use PaperKite\Results\EventKind;
use Psr\Http\Message\ResponseInterface;
use Symfony\Component\Process\Process;

/** What is counted while many come at once, labels are made up, and whoever adds up is killed. */
final class CountsTest extends ServedTestCase
{
    private const AT_ONCE = 16;

    public function test_strangers_at_once_make_no_more_labels_than_a_shop_keeps(): void
    {
        $sku = $this->product($this->shop)->sku;
        DB::table('labels')->insert(array_map(fn (int $i): array => ['shop_id' => $this->shop->id, 'text' => "stray-{$i}", 'is_own' => false], range(1, Labels::MOST_FOREIGN - 5)));

        $links = array_map(fn (int $i): string => "{$this->shop->base()}/take/{$sku}?to=cart&from=made-up-".intdiv($i, 2), range(0, 2 * self::AT_ONCE - 1));
        $this->followAll($links);

        self::assertSame(Labels::MOST_FOREIGN, DB::table('labels')->where('shop_id', $this->shop->id)->count());
        $counted = DB::table('events')->where(['shop_id' => $this->shop->id, 'kind' => EventKind::Click->value]);
        self::assertSame([2 * self::AT_ONCE, 10], [(clone $counted)->count(), (clone $counted)->where('label_id', '>', 0)->count()]);
    }

    public function test_nothing_is_lost_or_doubled_while_it_is_added_up_and_that_is_killed(): void
    {
        $links = array_map(fn (): string => $this->placement($this->offer($this->product($this->shop), ['destination' => Onwards::Cart]))->link($this->shop)->url(), range(1, 4));
        $adders = [];
        for ($round = 0; $round < 6; $round++) {
            // Several add up at the same time, and every other one is killed, wherever it is.
            $adders[] = $adder = $this->adder();
            $this->followAll([...$links, ...$links, ...$links, ...$links]);
            if ($round % 2 === 1) {
                usleep(random_int(0, 600_000));
                $adder->stop(0, SIGKILL);
            }
        }
        foreach ($adders as $adder) {
            $adder->wait();
        }
        self::assertTrue($adders[4]->isSuccessful(), $adders[4]->getErrorOutput());
        $last = $this->adder();
        $last->wait();

        $sums = DB::table('result_days')->where('shop_id', $this->shop->id)->groupBy('kind')->orderBy('kind')->selectRaw('kind, CAST(SUM(acts) AS UNSIGNED) AS acts, CAST(SUM(pieces) AS UNSIGNED) AS pieces')->get()
            ->map(static fn (object $row): array => array_values((array) $row))->all();
        self::assertSame([[EventKind::Click->value, 96, 0], [EventKind::Add->value, 96, 96]], $sums);
    }

    private function adder(): Process
    {
        $adder = new Process([PHP_BINARY, 'artisan', 'results:fold'], base_path(), ['DB_DATABASE' => config()->string('database.connections.mariadb.database')]);
        $adder->start();

        return $adder;
    }

    /**
     * Each as somebody else, so many at once.
     *
     * @param  list<string>  $links
     */
    private function followAll(array $links): void
    {
        $http = new Client(['allow_redirects' => false, 'http_errors' => false, 'curl' => [CURLOPT_CONNECT_TO => ['::127.0.0.1:']]]);
        foreach (array_chunk($links, self::AT_ONCE) as $some) {
            /** @var array<ResponseInterface> $answers */
            $answers = Utils::unwrap(array_map(
                static fn (string $link): PromiseInterface => $http->getAsync($link, ['headers' => ['User-Agent' => bin2hex(random_bytes(8))]]),
                $some,
            ));
            self::assertSame(array_fill(0, count($some), 303), array_map(static fn (ResponseInterface $answer): int => $answer->getStatusCode(), $answers));
        }
    }
}
