<?php

declare(strict_types=1);

namespace PaperKite\Edit;

/** What a field is called on the screen, by its name in the form that is sent. */
final class FieldLabel
{
    /** Those whose name does not say it. */
    private const LABELS = [
        'sku' => 'SKU',
        'is_draft' => 'Draft',
        'least' => 'Least amount',
        'most' => 'Highest amount',
        'suggested' => 'Suggested amounts',
        'begins' => 'Begins',
        'asks_attendees' => 'A name for each seat',
        'parcel_address' => 'Address in the checkout',
        'thanks' => 'Words of thanks',
        'text_by' => 'Text needed by',
        'summary' => 'Short description',
        'description' => 'Long description',
        'sale_from' => 'Sale from',
        'sale_until' => 'Sale until',
        'shipping_first' => 'Shipping, the first piece',
        'shipping_more' => 'Shipping, each further piece',
        'tracks_stock' => 'Stock is counted',
        'allows_back_order' => 'Take orders at zero stock',
        'low_stock' => 'Low stock from',
        'traits' => 'Attributes',
        'add_ons' => 'Suggested with it',
        'home_country' => 'Country',
        'timezone' => 'Time zone',
        'rules' => '',
        'own' => '',
        'zones' => 'Shipping zones',
        'after_paying' => 'After paying, on to',
        'after_cancelling' => 'After leaving the payment, on to',
        'hosts' => 'Hosts',
        'ground' => 'Background',
        'stays_light' => 'The same for every reader',
        'mark' => 'Icon beside the name',
        'sentence' => 'A sentence about the shop',
        'banner_id' => 'Picture above the list',
        'banner_path' => 'Picture above the list',
        'banner_text' => 'What the picture shows',
        'fill' => 'Background',
        'ink' => 'Text colour',
        'corner' => 'Rounded corners',
        'cross_corner' => 'The other corners',
        'padding_block' => 'Space above and below',
        'padding_inline' => 'Space at the sides',
        'is_bold' => 'Bold',
        'follows_page' => 'Follows the page',
        'icon_id' => 'Own icon',
        'icon_path' => 'Own icon',
        'picture_id' => 'Picture',
        'picture_path' => 'Picture',
        'stressed' => 'Highlighted column',
        'value' => 'Discount',
        'min_spend' => 'Minimum order',
        'from' => 'Valid from',
        'until' => 'Valid up to',
        'most_uses' => 'Uses in all',
        'most_uses_each' => 'Uses per shopper',
        'skus' => 'Only for these SKUs',
        'idle' => 'Button: normal',
        'working' => 'Button: working',
        'added' => 'Button: added',
        'sold_out' => 'Button: sold out',
        'not_available' => 'Button: not available',
        'price_days' => 'Days in which a price is believed',
        'stale' => 'An older price',
        'takes_over' => 'Changed prices are shown by themselves',
        'title_words' => 'Words in a title',
        'text_words' => 'Words in a text',
        'conversion' => 'Conversion, in percent',
    ];

    /** @param  non-empty-list<string>  $path */
    public static function of(array $path): string
    {
        $names = array_filter(array_map(static fn (string $name): string => self::LABELS[$name] ?? str_replace(['_', '.'], ' ', $name), $path), static fn (string $name): bool => $name !== '');

        return ucfirst(implode(', ', $names));
    }
}
