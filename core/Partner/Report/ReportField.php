<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

/** What a column of a marketplace's report may hold. */
enum ReportField: string
{
    case Day = 'day';
    case SubId = 'sub_id';
    case Item = 'item';
    case Amount = 'amount';
    case Commission = 'commission';
    case Quantity = 'quantity';
    case Currency = 'currency';
    case Category = 'category';
    case Reference = 'reference';

    /** Without these nothing can be made of a row. */
    public const NEEDED = [self::Day, self::Commission];

    /** How such columns are named, in small letters without signs: English, German, Spanish, Swedish. */
    private const NAMES = [
        'day' => ['date', 'day', 'sale date', 'order date', 'transaction date', 'date sold', 'datum', 'tag', 'verkaufsdatum', 'bestelldatum', 'kaufdatum', 'fecha', 'fecha de venta', 'försäljningsdag', 'sold on'],
        'sub_id' => ['sub id', 'subid', 'sub', 'click ref', 'clickref', 'tracking id', 'reference of click', 'placement', 'place', 'unter id', 'unterid', 'platz', 'platzkennung', 'referencia de clic', 'lugar', 'knot', 'kennung'],
        'item' => ['item', 'item id', 'item number', 'item no', 'product id', 'product', 'article', 'article no', 'sku', 'nr', 'artikel', 'artikelnummer', 'artikel nr', 'produkt', 'produktnummer', 'artículo', 'articulo', 'producto', 'vara', 'varunummer'],
        'amount' => ['amount', 'sale amount', 'sales', 'sale value', 'order value', 'revenue', 'price', 'net sales', 'umsatz', 'bestellwert', 'warenwert', 'verkaufswert', 'betrag', 'importe', 'venta', 'ventas', 'belopp', 'försäljning'],
        'commission' => ['commission', 'earnings', 'payout', 'your commission', 'fee', 'advertising fee', 'provision', 'vergütung', 'verguetung', 'verdienst', 'comisión', 'comision', 'ganancias', 'ersättning'],
        'quantity' => ['quantity', 'qty', 'pieces', 'items sold', 'units', 'menge', 'anzahl', 'stück', 'stückzahl', 'cantidad', 'unidades', 'antal'],
        'currency' => ['currency', 'currency code', 'währung', 'waehrung', 'moneda', 'divisa', 'valuta'],
        'category' => ['category', 'product category', 'department', 'kategorie', 'warengruppe', 'categoría', 'categoria', 'kategori'],
        'reference' => ['reference', 'transaction', 'transaction id', 'order', 'order id', 'order number', 'sale id', 'transaktion', 'transaktionsnummer', 'bestellnummer', 'bestellung', 'vorgang', 'referencia', 'pedido', 'número de pedido', 'ordernummer'],
    ];

    public function label(): string
    {
        return match ($this) {
            self::Day => 'Day of the sale',
            self::SubId => 'Sub-ID',
            self::Item => 'Item',
            self::Amount => 'Amount of the sale',
            self::Commission => 'Commission',
            self::Quantity => 'Quantity',
            self::Currency => 'Currency',
            self::Category => 'Category',
            self::Reference => 'Number of the sale',
        };
    }

    /** Whether a column of this name is likely to hold it. */
    public function isNamed(string $header): bool
    {
        $bare = trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($header, 'UTF-8')));

        return in_array($bare, self::NAMES[$this->value], true);
    }
}
