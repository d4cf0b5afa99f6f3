<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Changes\Editing;
use App\Looks\LookForm;
use App\Models\Casts\LookValues;
use App\Models\Offer;
use App\Models\Product;
use App\Models\Shop;
use App\Offers\OfferForm;
use App\Offers\ReadDraft;
use App\Offers\SaveOffer;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Look\Font;
use PaperKite\Look\Icon;
use PaperKite\Look\LookEntry;
use PaperKite\Look\Shadow;
use PaperKite\Look\Side;
use PaperKite\Look\Width;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Sentence;
use PaperKite\Text\FormInput;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** What is saved and read again is what was written, whatever was written. */
final class RoundTripTest extends TestCase
{
    private const ROUNDS = 60;

    private const SEED = 20260422;

    public function test_an_offer_comes_back_as_it_stood_on_the_desk(): void
    {
        $shop = $this->shop();
        $shop->update(['checkout_rules' => new CheckoutRules(hosts: ['fern.example'])]);
        $products = [$this->product($shop), $this->product($shop), $this->varied($shop)];
        $looks = $shop->looks()->pluck('id')->all();
        $chance = new Randomizer(new Mt19937(self::SEED));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $entry = $this->entry($chance, $products, array_values(array_filter($looks, is_int(...))));
            $draft = app(ReadDraft::class)($shop, FormInput::of($entry), []);
            $saved = app(SaveOffer::class)($shop, null, $draft, Editing::byCommand());

            self::assertSame($entry, self::sent(OfferForm::of($saved)), "Round {$round}.");
            $again = app(ReadDraft::class)($shop, FormInput::ofForm(OfferForm::of(Offer::query()->with(Offer::TOLD_WITH)->findOrFail($saved->id))), []);
            self::assertSame(Sentence::decided($draft->draft->offer())->text(), Sentence::decided($again->draft->offer())->text());
            self::assertSame(Sentence::decided($draft->draft->offer())->text(), Sentence::decided($saved->toCore($shop, $again->look->name))->text());
        }
    }

    public function test_a_look_comes_back_from_its_column_and_from_its_form(): void
    {
        $chance = new Randomizer(new Mt19937(self::SEED));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $form = $this->look($chance);
            $look = LookEntry::read(FormInput::of($form), null)->look ?? self::fail('The form is wrong.');

            self::assertEquals($look, LookValues::look(LookValues::json($look)));
            self::assertSame($form, array_intersect_key(self::sent(LookForm::of('Tarn', $look)), $form));
        }
    }

    /**
     * @param  list<Product>  $products
     * @param  list<int>  $looks
     * @return array<string, mixed>
     */
    private function entry(Randomizer $chance, array $products, array $looks): array
    {
        $count = $chance->getInt(1, 3);
        $isAsked = $count === 1 && $chance->getInt(0, 1) === 1;
        $word = static fn (): string => $chance->getInt(0, 1) === 1 ? '' : 'Word '.$chance->getInt(1, 999);
        $items = [];
        foreach (array_slice($products, 0, $count) as $product) {
            $items[] = ['product_id' => $product->id, 'variant' => $product->has_variants && $chance->getInt(0, 1) === 1 ? $product->variants()->firstOrFail()->sku : '', 'quantity' => (string) $chance->getInt(2, 5), 'amount' => ''];
        }

        return [
            'items' => $items,
            'destination' => Onwards::cases()[$chance->getInt(0, 3)]->value,
            'cart_use' => CartUse::cases()[$chance->getInt(0, 1)]->value,
            'opening' => Opening::cases()[$chance->getInt(0, 2)]->value,
            'ask' => $isAsked ? ['is_asked' => true, 'label' => 'How many jars', 'least' => '1', 'most' => (string) $chance->getInt(6, 99)] : ['is_asked' => false, 'label' => '', 'least' => '1', 'most' => '10'],
            'words' => ['idle' => $word(), 'working' => $word(), 'added' => $word(), 'sold_out' => $word(), 'not_available' => $word()],
            'look_id' => $chance->getInt(0, 2) === 0 ? null : $looks[$chance->getInt(0, count($looks) - 1)],
            'landing' => $chance->getInt(0, 1) === 1 ? '' : 'https://fern.example/'.$chance->getInt(1, 99),
            'page' => $chance->getInt(0, 1) === 1 ? '' : 'https://fern.example/page-'.$chance->getInt(1, 99),
        ];
    }

    /** @return array<string, mixed> */
    private function look(Randomizer $chance): array
    {
        $colour = static fn (): string => sprintf('#%06x', $chance->getInt(0, 0xFFFFFF));
        $number = static fn (int $least, int $most): string => (string) $chance->getInt($least, $most);

        return [
            'name' => 'Tarn', 'fill' => $colour(), 'ink' => $colour(), 'border' => $colour(), 'border_width' => $number(0, 12), 'corner' => $number(0, 60), 'cross_corner' => $number(0, 60),
            'shadow' => Shadow::cases()[$chance->getInt(0, 2)]->value, 'padding_block' => $number(0, 60), 'padding_inline' => $number(0, 120),
            'font' => Font::cases()[$chance->getInt(0, 4)]->value, 'font_size' => $number(10, 48), 'is_bold' => $chance->getInt(0, 1) === 1,
            'icon' => Icon::cases()[$chance->getInt(0, 4)]->value, 'icon_side' => Side::cases()[$chance->getInt(0, 2)]->value, 'icon_gap' => $number(0, 40),
            'width' => Width::cases()[$chance->getInt(0, 2)]->value, 'width_percent' => $number(10, 100), 'alignment' => Side::cases()[$chance->getInt(0, 2)]->value,
            'follows_page' => $chance->getInt(0, 1) === 1, 'classes' => $chance->getInt(0, 1) === 1 ? '' : 'big buy-now',
        ];
    }

    private function varied(Shop $shop): Product
    {
        $wrap = $this->product($shop, ['sku' => 'wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small')])]]);
        $wrap->variants()->create(['shop_id' => $shop->id, 'position' => 0, 'sku' => 'wrap-s', 'choices' => ['Small'], 'choices_digest' => hash('sha256', 'Small')]);

        return $wrap;
    }
}
