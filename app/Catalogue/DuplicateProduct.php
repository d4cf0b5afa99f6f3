<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Changes\Editing;
use App\Models\Person;
use App\Models\Picture;
use App\Models\Product;
use App\Models\Shop;
use App\Pictures\CopyPicture;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;
use LogicException;
use PaperKite\Catalogue\Entry\ProductEntry;
use PaperKite\Catalogue\Product as CatalogueProduct;
use PaperKite\Catalogue\Sku;
use PaperKite\Partner\Marketplace;
use PaperKite\Text\FormInput;

/** Makes the next product from one that is there: a draft that says the same under a name and SKUs of its own, of which none is in stock. */
final readonly class DuplicateProduct
{
    private const SAID = ' (copy)';

    public function __construct(
        private SaveProduct $save,
        private CopyPicture $copyOf,
        private CopyFiles $copyFiles,
        private ConnectionInterface $db,
    ) {}

    /**
     * @param  Product  $product  with all that its form is filled with
     * @param  array<int, Marketplace>  $marketplaces  of the shop, by id
     */
    public function __invoke(Shop $shop, Product $product, array $marketplaces, ?Person $person): Product
    {
        $pictures = $product->pictures->mapWithKeys(fn (Picture $picture): array => [$picture->id => ($this->copyOf)($picture)])->all();
        $form = $this->form($shop, $product, $pictures);
        $entry = ProductEntry::read($form, $shop->currency(), $shop->zone());
        $extras = ProductExtras::of($form, $marketplaces, KnownFiles::named($form, $shop, 0));
        if ($entry->product === null || $extras->errors !== []) {
            throw ValidationException::withMessages($entry->errors + $extras->errors);
        }

        return ($this->save)($shop, null, $entry->product, $extras, new Editing($person, null));
    }

    /** @param  array<int, Picture>  $pictures  the new ones, by the id of the old */
    private function form(Shop $shop, Product $product, array $pictures): FormInput
    {
        /** @var array{variants: list<array{sku: string, stock: string, picture_id: int|null}>, pictures: list<array{id: int, alt: string}>} $sent */
        $sent = json_decode(json_encode(ProductForm::of($product, $shop->zone()), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        $number = $this->freeNumber($shop, [$product->sku, ...array_column($sent['variants'], 'sku')]);

        return FormInput::of([
            'name' => mb_substr($product->name, 0, CatalogueProduct::LONGEST_NAME - mb_strlen(self::SAID)).self::SAID,
            'sku' => self::numbered($product->sku, $number),
            'is_draft' => true,
            'stock' => $product->stock === null ? '' : '0',
            'stock_seen' => null,
            'variants' => array_map(static fn (array $variant): array => [
                'sku' => self::numbered($variant['sku'], $number),
                'stock' => $variant['stock'] === '' ? '' : '0',
                'stock_seen' => null,
                'picture_id' => $variant['picture_id'] === null ? null : ($pictures[$variant['picture_id']] ?? null)?->id,
            ] + $variant, $sent['variants']),
            ...$this->copyFiles->of($product, static fn (string $sku): string => $sku === '' ? '' : self::numbered($sku, $number)),
            'pictures' => array_map(static fn (array $picture): array => ['id' => $pictures[$picture['id']]->id ?? throw new LogicException('Each picture was copied.'), 'alt' => $picture['alt']], $sent['pictures']),
        ] + $sent);
    }

    /**
     * The first number with which none of these SKUs is taken, now or formerly.
     *
     * @param  list<string>  $skus
     */
    private function freeNumber(Shop $shop, array $skus): int
    {
        for ($number = 2; ; $number++) {
            $wanted = array_map(static fn (string $sku): string => self::numbered($sku, $number), $skus);
            if ($this->db->table('skus')->where('shop_id', $shop->id)->whereIn('sku', $wanted)->doesntExist()) {
                return $number;
            }
        }
    }

    private static function numbered(string $sku, int $number): string
    {
        return mb_substr($sku, 0, Sku::LONGEST - strlen("-{$number}"))."-{$number}";
    }
}
