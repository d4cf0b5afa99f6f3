<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Http\Console\Once\OnlyOnce;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Offer;
use App\Models\Order;
use App\Models\Placement;
use App\Offers\OfferForm;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Illuminate\Support\Facades\DB;
use PaperKite\Offer\Onwards;
use PaperKite\Order\GoodsState;
use PaperKite\Words\Catalogue\English;
use Psr\Http\Message\ResponseInterface;
use Symfony\Component\Process\Process;
use Tests\Support\AsksConsole;

/** Many windows of one shop that save at the same moment, and pages whose session or token has run out. */
final class ManySellersTest extends ServedTestCase
{
    use AsksConsole;

    private const WINDOWS = 16;

    private const ZONES = ['Europe/Madrid', 'Europe/Paris', 'Europe/Rome', 'Europe/Oslo', 'Europe/Prague', 'Europe/Vienna', 'Europe/Lisbon', 'Europe/Dublin'];

    public function test_of_sixteen_who_began_alike_one_saves_and_the_others_are_told(): void
    {
        $product = $this->product($this->shop, ['stock' => 5]);
        $address = "products/{$product->id}";
        $form = $this->read($this->ask('GET', $address)->wait());
        self::assertIsArray($form['entry']);
        $saves = array_map(fn (int $window): PromiseInterface => $this->ask('PUT', $address, ['name' => "Honey {$window}", 'version' => 1] + $form['entry']), range(1, self::WINDOWS));

        self::assertEquals([200 => 1, 409 => self::WINDOWS - 1], array_count_values($this->statuses($saves)));
        self::assertSame(2, $this->read($this->ask('GET', $address)->wait())['version']);
    }

    public function test_sixteen_who_change_sixteen_fields_of_one_form_at_once_all_keep_their_change(): void
    {
        $keys = array_slice(array_keys(English::TEXTS), 0, self::WINDOWS);
        $saves = array_map(fn (string $key): PromiseInterface => $this->ask('PUT', 'words', ['own' => [$key => "As {$key} says"], 'version' => 1]), $keys);

        self::assertSame([200], array_values(array_unique($this->statuses($saves))));
        self::assertEquals(array_combine($keys, array_map(static fn (string $key): string => "As {$key} says", $keys)), DB::table('shop_phrases')->where('shop_id', $this->shop->id)->pluck('text', 'phrase')->all());
    }

    public function test_who_changes_another_slot_of_an_offer_at_once_keeps_their_change(): void
    {
        $offer = $this->offer($this->product($this->shop), ['destination' => Onwards::Cart]);
        $entry = self::sent(OfferForm::of($offer->load(Offer::TOLD_WITH)));
        self::assertIsArray($entry['words']);
        self::assertIsArray($entry['items']);
        $began = ['version' => 2, 'words' => ['added' => 'There it is'] + $entry['words']] + $entry;
        self::assertSame([200], $this->statuses([$this->ask('PUT', "offers/{$offer->id}", ['version' => 1] + $began)]));
        $changes = [
            ['words' => ['idle' => 'Take it'] + $began['words']],
            ['opening' => 'new_tab'],
            ['destination' => 'choose'],
            ['items' => [['quantity' => '3'] + (array) $entry['items'][0]]],
        ];

        self::assertSame([200, 200, 200, 200], $this->statuses(array_map(fn (array $change): PromiseInterface => $this->ask('PUT', "offers/{$offer->id}", $change + $began), $changes)));
        $now = self::sent(OfferForm::of($offer->refresh()->load(Offer::TOLD_WITH)));
        self::assertEquals(array_merge($now, ...$changes), $now);
        self::assertSame(6, $offer->version);
    }

    public function test_sixteen_at_one_clash_who_each_save_over_what_they_are_told_come_through_one_after_the_other(): void
    {
        $address = "products/{$this->product($this->shop)->id}";
        $entry = (array) $this->read($this->ask('GET', $address)->wait())['entry'];
        $save = fn (int $window, mixed $version): PromiseInterface => $this->ask('PUT', $address, ['name' => "Honey {$window}", 'version' => $version] + $entry);
        $waiting = array_fill_keys(range(1, self::WINDOWS), 1);
        for ($round = 1; $waiting !== []; $round++) {
            $answers = Utils::unwrap(array_map($save, array_keys($waiting), $waiting));
            $told = array_map($this->read(...), $answers);
            $refused = array_keys(array_filter($answers, static fn (mixed $answer): bool => $answer instanceof ResponseInterface && $answer->getStatusCode() === 409));
            self::assertCount(count($waiting) - 1, $refused, 'In each round one is saved.');
            $windows = array_keys($waiting);
            $waiting = [];
            foreach ($refused as $at) {
                self::assertSame($round + 1, $told[$at]['version']);
                $waiting[$windows[$at]] = $told[$at]['version'];
            }
        }

        self::assertSame(1 + self::WINDOWS, $this->read($this->ask('GET', $address)->wait())['version']);
    }

    public function test_sixteen_save_offers_while_it_is_written_down_how_often_each_was_clicked(): void
    {
        $product = $this->product($this->shop);
        $offers = array_map(fn (): Offer => $this->offer($product), range(1, 4));
        $links = array_map(fn (Offer $offer): string => $this->placement($offer)->link($this->shop)->url(), $offers);
        for ($round = 0; $round < 4; $round++) {
            $clicks = array_map(static fn (string $link): PromiseInterface => self::shopper()->getAsync($link, ['headers' => ['User-Agent' => bin2hex(random_bytes(8))]]), $links);
            $adders = array_map(static fn (): Process => new Process([PHP_BINARY, 'artisan', 'results:fold'], base_path(), ['DB_DATABASE' => config()->string('database.connections.mariadb.database')]), [1, 2]);
            array_walk($adders, static fn (Process $adder) => $adder->start());
            $saves = array_map(fn (int $window): PromiseInterface => $this->ask('PUT', "offers/{$offers[$window % 4]->id}", ['caption' => "Round {$round}, {$window}"] + self::sent(OfferForm::of($offers[$window % 4]->load(Offer::TOLD_WITH)))), range(1, self::WINDOWS));

            self::assertSame([200], array_values(array_unique($this->statuses($saves))));
            self::assertSame([303], array_values(array_unique($this->statuses($clicks))));
            foreach ($adders as $adder) {
                self::assertSame(0, $adder->wait(), $adder->getErrorOutput());
            }
        }
        $this->artisan('counts:write');
        $this->artisan('results:fold');

        self::assertSame([4, 4, 4, 4], $this->shop->offers()->orderBy('id')->pluck('clicks_lately')->all());
    }

    public function test_all_forms_of_a_shop_are_saved_at_once(): void
    {
        $entries = [];
        foreach (['rules' => null, 'shopfront' => 'entry', "products/{$this->product($this->shop)->id}" => 'entry'] as $address => $at) {
            $form = $this->read($this->ask('GET', $address)->wait());
            $entries[$address] = (array) ($at === null ? array_diff_key($form, ['version' => 0]) : $form[$at]);
        }
        $saves = [];
        for ($round = 0; $round < 8; $round++) {
            foreach ($entries as $address => $entry) {
                $saves[] = $this->ask('PUT', $address, array_replace_recursive($entry, $address === 'rules' ? ['rules' => ['timezone' => self::ZONES[$round]]] : []));
            }
        }

        self::assertSame([200], array_values(array_unique($this->statuses($saves))));
        self::assertSame(9, $this->read($this->ask('GET', 'rules')->wait())['version']);
    }

    public function test_a_price_table_that_sixteen_save_with_other_columns_is_whole_and_each_column_keeps_its_code(): void
    {
        $offers = array_map(fn (int $number): int => $this->offer($this->product($this->shop, ['name' => "Jar {$number}"]))->id, range(1, 4));
        $table = $this->read($this->ask('POST', 'price-tables', self::tableEntry('Jars', $offers))->wait());
        $codes = Placement::query()->whereIn('offer_id', $offers)->pluck('code', 'offer_id')->all();
        $id = is_int($table['id'] ?? null) ? $table['id'] : self::fail('A table has a number.');
        $saves = [];
        for ($window = 1; $window <= self::WINDOWS; $window++) {
            $entry = self::tableEntry('Jars', $window % 2 === 0 ? $offers : array_reverse(array_slice($offers, 0, 3)), $offers[$window % 3]);
            $entry['columns'][0]['text'] = "Window {$window}";
            $saves[] = $this->ask('PUT', "price-tables/{$id}", $entry);
            $saves[] = $this->ask('POST', "offers/{$offers[$window % 4]}/state", ['state' => $window % 2 === 0 ? 'paused' : 'live']);
            $saves[] = $this->ask('POST', 'price-tables/trial', $entry);
        }
        self::assertSame([], array_diff($this->statuses($saves), [200, 422]), 'What a state can’t become is refused.');

        $now = $this->read($this->ask('GET', "price-tables/{$id}")->wait());
        self::assertContains(count((array) $now['columns']), [3, 4]);
        self::assertSame(1 + self::WINDOWS, $now['version']);
        self::assertSame(count((array) $now['columns']), Placement::query()->where('price_table_id', $id)->count());
        foreach ($offers as $offer) {
            self::assertContains($codes[$offer], Placement::query()->where('offer_id', $offer)->pluck('code')->all(), 'A code that was given out stays.');
        }
    }

    public function test_an_act_that_sixteen_windows_ask_for_under_one_name_is_done_once_and_answered_to_all(): void
    {
        $form = ['name' => 'Heather honey', 'sku' => 'honey', 'price' => '9.80'] + (array) $this->read($this->ask('GET', 'products/blank')->wait())['entry'];
        $acts = array_map(fn (): PromiseInterface => $this->ask('POST', 'products', $form, [OnlyOnce::HEADER => 'one']), range(1, self::WINDOWS));

        self::assertSame([201 => self::WINDOWS], array_count_values($this->statuses($acts)));
        self::assertCount(1, array_unique(array_map(fn (PromiseInterface $act): string => (string) json_encode($this->read($act->wait())['id']), $acts)));
        self::assertSame(1, $this->shop->products()->count());
    }

    public function test_of_what_is_deleted_while_sixteen_save_it_nothing_is_half_there(): void
    {
        $product = $this->product($this->shop);
        $entry = (array) $this->read($this->ask('GET', "products/{$product->id}")->wait())['entry'];
        $acts = [];
        for ($window = 1; $window <= self::WINDOWS; $window++) {
            $acts[] = $this->ask('PUT', "products/{$product->id}", ['name' => "Lime {$window}"] + $entry);
            if ($window % 4 === 0) {
                $acts[] = $this->ask('POST', "deleted/product/{$product->id}", ['is_deleted' => $window % 8 !== 0]);
            }
        }
        self::assertSame([], array_diff($this->statuses($acts), [200, 404, 409]));

        $this->ask('POST', "deleted/product/{$product->id}", ['is_deleted' => true])->wait();
        self::assertSame(404, $this->statuses([$this->ask('PUT', "products/{$product->id}", $entry)])[0]);
        $this->ask('POST', "deleted/product/{$product->id}", ['is_deleted' => false])->wait();
        $form = $this->read($this->ask('GET', "products/{$product->id}")->wait());
        self::assertSame(200, $this->statuses([$this->ask('PUT', "products/{$product->id}", ['name' => 'Lime', 'version' => $form['version']] + (array) $form['entry'])])[0]);
    }

    public function test_sixteen_places_of_one_offer_are_made_once_each_while_what_it_sells_is_renamed_and_all_are_found(): void
    {
        $product = $this->product($this->shop);
        $offer = $this->offer($product);
        $entry = (array) $this->read($this->ask('GET', "products/{$product->id}")->wait())['entry'];
        $acts = [];
        for ($number = 1; $number <= self::WINDOWS; $number++) {
            $acts[] = $this->ask('POST', "offers/{$offer->id}/placements", ['page' => "corner{$number}", 'medium' => 'html', 'form' => 'button', 'label' => '', 'caption' => '']);
            if ($number % 4 === 0) {
                $acts[] = $this->ask('PUT', "products/{$product->id}", ['name' => "Lime {$number}"] + $entry);
                $acts[] = $this->ask('POST', "offers/{$offer->id}/state", ['state' => $number % 8 === 0 ? 'live' : 'paused']);
            }
        }

        self::assertEqualsCanonicalizing([200, 201], array_values(array_unique($this->statuses($acts))));
        self::assertSame(self::WINDOWS, $offer->placements()->count());
        foreach (range(1, self::WINDOWS) as $number) {
            self::assertContains($offer->id, array_column((array) $this->read($this->ask('GET', "offers?search=corner{$number}")->wait())['items'], 'id'));
        }
    }

    public function test_sent_by_sixteen_at_once_is_sent_once_and_told_once(): void
    {
        $placement = $this->placement($this->offer($this->product($this->shop, ['stock' => 9])));
        $numbers = array_map(fn (): int => $this->paidOrder($placement)->number, range(1, 4));
        // Some name them from the last to the first: nobody waits for whoever waits for them.
        $sends = array_map(fn (int $window): PromiseInterface => $this->ask('POST', 'orders/goods', ['numbers' => $window % 2 === 0 ? $numbers : array_reverse($numbers), 'to' => 'sent', 'carrier' => "Carrier {$window}", 'tracking' => '']), range(1, self::WINDOWS));

        self::assertEquals([200 => self::WINDOWS], array_count_values($this->statuses($sends)));
        $orders = Order::query()->where('shop_id', $this->shop->id)->with('steps')->get();
        foreach ($orders as $order) {
            self::assertSame([GoodsState::Sent, 1], [$order->goods_state, $order->steps->where('goods_state', GoodsState::Sent)->count()]);
            self::assertSame(1, Message::query()->where(['order_id' => $order->id, 'kind' => MessageKind::Sent])->count());
        }
        self::assertCount(4, $orders);
    }

    public function test_a_page_of_signing_in_that_stood_open_for_long_signs_in_at_the_second_try(): void
    {
        $shopper = self::shopper();
        $console = 'http://'.config()->string('kite.console_host').':'.getenv('KITE_PUBLIC_PORT');
        $signIn = fn (string $token): ResponseInterface => $shopper->post("{$console}/api/sign-in", ['json' => ['email' => $this->person->email, 'password' => self::PASSWORD], 'headers' => ['Accept' => 'application/json', 'X-XSRF-TOKEN' => $token]]);
        $refused = $signIn('of yesterday');
        self::assertSame(419, $refused->getStatusCode());
        preg_match('/XSRF-TOKEN=([^;]+)/', implode(' ', $refused->getHeader('Set-Cookie')), $cookie);

        self::assertSame(200, $signIn(rawurldecode($cookie[1] ?? ''))->getStatusCode());
        // Whose session has ended is told that, not that a page is old.
        self::assertSame(401, self::shopper()->post("{$console}/api/sign-out", ['headers' => ['Accept' => 'application/json']])->getStatusCode());
    }
}
