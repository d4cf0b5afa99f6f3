<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;

/** The names of parameters in the form of a marketplace: which is the seller's, which are kept, and that none has two uses. */
final class ParameterNames
{
    /** @return list<string> that stay in an address as they are */
    public static function kept(FormInput $typed, FieldErrors $wrong): array
    {
        $keeps = array_values(array_unique(array_slice($typed->texts('keeps'), 0, MarketplaceEntry::MOST)));
        foreach ($keeps as $name) {
            if (! self::isParameter($name)) {
                $wrong->add('keeps', InvalidMarketplace::parameter($name)->getMessage());
            }
        }

        return $keeps;
    }

    public static function one(FormInput $typed, string $key, FieldErrors $wrong): string
    {
        $name = trim($typed->text($key), ' ');
        if (! self::isParameter($name)) {
            $wrong->add($key, InvalidMarketplace::parameter($name)->getMessage());
        }

        return $name;
    }

    private static function isParameter(string $name): bool
    {
        return preg_match('/\A[A-Za-z0-9._-]{1,40}\z/', $name) === 1;
    }

    /**
     * Each parameter has one use: what names the item can’t name the seller, too.
     *
     * @param  array{patterns: list<AddressPattern>, keeps: list<string>, id: string, sub: string|null, search: AddressPattern|null, ...}  $read
     */
    public static function holdApart(AddressPattern $item, array $read, FieldErrors $wrong): void
    {
        $used = array_merge($item->parameters(), $read['search']?->parameters() ?? [], ...array_map(static fn (AddressPattern $pattern): array => $pattern->parameters(), $read['patterns']));
        foreach (['id_parameter' => $read['id'], 'sub_id_parameter' => $read['sub']] as $key => $name) {
            if ($name !== null && in_array($name, $used, true)) {
                $wrong->add($key, InvalidMarketplace::parameterTwice($name)->getMessage());
            }
            $used[] = (string) $name;
        }
        foreach (array_intersect($read['keeps'], $used) as $name) {
            $wrong->add('keeps', InvalidMarketplace::parameterTwice($name)->getMessage());
        }
    }
}
