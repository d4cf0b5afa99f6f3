<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Placement;
use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;

/** Keeps the style sheets that pasted buttons bring along, for good: a copy goes on asking for its own. */
final readonly class KeepSheets
{
    public function __construct(private ConnectionInterface $db) {}

    /** @param  iterable<Placement>  $placements  of the offer */
    public function of(Shop $shop, iterable $placements, OfferSnippets $snippets): void
    {
        foreach ($placements as $placement) {
            $sheet = $snippets->placed($placement)->sheet;
            if ($sheet !== null) {
                $this->db->table('button_sheets')->insertOrIgnore(['shop_id' => $shop->id, 'digest' => $sheet->digest, 'css' => $sheet->css]);
            }
        }
    }

    /** @return string|null `null` where the shop has none of this name */
    public function css(Shop $shop, string $digest): ?string
    {
        $css = $this->db->table('button_sheets')->where(['shop_id' => $shop->id, 'digest' => $digest])->value('css');

        return is_string($css) ? $css : null;
    }
}
