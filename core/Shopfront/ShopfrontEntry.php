<?php

declare(strict_types=1);

namespace PaperKite\Shopfront;

use Closure;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\ShopWords;
use PaperKite\Offer\StateWords;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;

/** The form in which a seller arranges the shop's own pages. */
final readonly class ShopfrontEntry
{
    private function __construct(
        /** @var array<string, string> sentences by field */
        public array $errors,
        public ShopfrontRules $rules,
        public ShopWords $words,
    ) {}

    /** @param  Closure(string): bool  $allows  whether a shopper may be led to this address */
    public static function read(FormInput $typed, Closure $allows): self
    {
        $wrong = new FieldErrors;
        $after = AfterAdding::tryFrom($typed->text('after_adding')) ?? AfterAdding::Stay;
        $leads = AfterAdding::tryFrom($typed->text('notice_leads')) ?? AfterAdding::Cart;
        $rules = new ShopfrontRules(
            self::buttons($typed->part('buttons')),
            self::captions($typed->part('captions'), $wrong),
            $after,
            $typed->isOn('has_notice'),
            $leads === AfterAdding::Stay ? AfterAdding::Cart : $leads,
            self::address(trim($typed->text('address'), ' '), $after === AfterAdding::Address || $leads === AfterAdding::Address, $allows, $wrong),
            self::columns($typed, $wrong),
        );
        $words = self::words($typed->part('words'), $wrong);

        return new self($wrong->all(), $rules, $words);
    }

    /** @return array<string, ButtonSet> those that are said, by the value of the surface */
    public static function buttons(FormInput $typed): array
    {
        $buttons = [];
        foreach (Surface::cases() as $surface) {
            $set = ButtonSet::tryFrom($typed->text($surface->value));
            if ($set?->isPossibleAt($surface) === true) {
                $buttons[$surface->value] = $set;
            }
        }

        return $buttons;
    }

    /** @return array<string, string> */
    private static function captions(FormInput $typed, FieldErrors $wrong): array
    {
        $captions = [];
        foreach (Surface::cases() as $surface) {
            foreach ([Onwards::Cart, Onwards::Pay] as $destination) {
                $key = "{$surface->value}_{$destination->value}";
                $caption = $wrong->at("captions.{$key}", static fn () => StateWords::read(ButtonState::Idle, $typed->text($key)));
                if ($caption !== null) {
                    $captions["{$surface->value}.{$destination->value}"] = $caption;
                }
            }
        }

        return $captions;
    }

    private static function columns(FormInput $typed, FieldErrors $wrong): CartColumns
    {
        if (! $typed->hasPart('cart_columns')) {
            return new CartColumns;
        }
        $sent = $typed->part('cart_columns');
        $columns = new CartColumns($sent->isOn('picture'), $sent->isOn('price_each'), $sent->isOn('quantity'), $sent->isOn('remove'));
        if (! $columns->canTakeOut()) {
            $wrong->add('cart_columns', 'Nobody could take anything out of the cart; show the quantity, or Remove.');
        }

        return $columns;
    }

    private static function words(FormInput $typed, FieldErrors $wrong): ShopWords
    {
        $words = [];
        foreach (ButtonState::cases() as $state) {
            $words[$state->value] = $wrong->at("words.{$state->value}", static fn () => StateWords::read($state, $typed->text($state->value)));
        }

        $said = static fn (string $key): ?string => $wrong->at("words.{$key}", static fn () => StateWords::read(ButtonState::Idle, $typed->text($key)));

        return new ShopWords(StateWords::of($words), $said('adding'), $said('buying'));
    }

    /** @param  Closure(string): bool  $allows */
    private static function address(string $address, bool $isNeeded, Closure $allows, FieldErrors $wrong): ?string
    {
        if ($address === '') {
            if ($isNeeded) {
                $wrong->add('address', 'The address is missing; write a whole one, at a host that is listed.');
            }

            return null;
        }
        if (! $allows($address)) {
            $wrong->add('address', "“{$address}” is no address at a host that you have listed; list its host under Checkout first.");
        }

        return $address;
    }
}
