<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use PaperKite\Catalogue\ProductKind;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** What follows from what a product is stands in `ProductKind`; whoever asks there has nothing to add when a kind is added. */
final class OnePlaceOfKindsTest extends TestCase
{
    /** They name a kind to make a product of it, or all of one quality, and tell none apart. */
    private const MAKE = [
        'app/Carts/CountPieces.php', 'app/Catalogue/ProductForm.php', 'app/Demo/MosslightGoods.php', 'app/Demo/MosslightGuide.php', 'app/Demo/MosslightPartners.php', 'app/Http/Console/Catalogue/CombinationResource.php', 'app/Http/Console/Shop/SampleOrder.php',
        'app/Models/Casts/FrozenCheckoutCodec.php', 'app/Models/FrozenLine.php', 'app/Models/Product.php', 'app/Shops/SampleCart.php', 'core/Quote/Document/ProductReader.php',
    ];

    public function test_no_other_place_names_a_kind(): void
    {
        $naming = [];
        foreach ($this->files('core', 'app', 'resources/views') as $path => $text) {
            if ($path !== 'core/Catalogue/ProductKind.php' && preg_match('/ProductKind::(?!cases\b|elsewhere\b|from\b|tryFrom\b|sold\b|class\b)\w+/', $text) === 1) {
                $naming[] = $path;
            }
        }
        sort($naming);

        self::assertSame(self::MAKE, $naming);
    }

    public function test_none_of_those_that_name_one_tells_kinds_apart(): void
    {
        $files = $this->files('core', 'app', 'resources/views');
        foreach (self::MAKE as $path) {
            self::assertDoesNotMatchRegularExpression('/[=!]==\s*ProductKind::|ProductKind::\w+\s*(?:[=!]==|=>\s)|case ProductKind::/', $files[$path] ?? '', $path);
        }
    }

    public function test_no_place_knows_a_kind_by_its_letters(): void
    {
        $letters = implode('|', array_map(static fn (ProductKind $kind): string => preg_quote($kind->value, '/'), ProductKind::cases()));
        foreach ($this->files('core', 'app', 'resources/views', 'resources/js') as $path => $text) {
            self::assertDoesNotMatchRegularExpression("/kind\S*\s*[=!]==?\s*['\"](?:{$letters})['\"]/", $text, $path);
        }
    }

    /** @return array<string, string> what stands in them, by path */
    private function files(string ...$folders): array
    {
        $root = dirname(__DIR__, 3);
        $files = [];
        foreach (Finder::create()->files()->in(array_map(static fn (string $folder): string => "{$root}/{$folder}", $folders))->name(['*.php', '*.vue', '*.ts']) as $file) {
            $files[substr($file->getPathname(), strlen($root) + 1)] = $file->getContents();
        }
        self::assertGreaterThan(300, count($files));

        return $files;
    }
}
