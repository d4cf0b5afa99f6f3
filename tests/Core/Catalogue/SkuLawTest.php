<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use Eris\Generators;
use Eris\TestTrait;
use PaperKite\Catalogue\InvalidSku;
use PaperKite\Catalogue\Sku;
use PHPUnit\Framework\TestCase;

final class SkuLawTest extends TestCase
{
    use TestTrait;

    public function test_whatever_is_typed_the_proposed_spelling_is_allowed_or_empty(): void
    {
        $this->forAll(Generators::string())->then(function (string $typed): void {
            $proposal = Sku::allowedSpelling($typed);

            self::assertTrue($proposal === '' || Sku::of($proposal)->text === $proposal);
        });
    }

    public function test_a_sku_that_is_allowed_is_its_own_proposal(): void
    {
        $this->forAll(Generators::string())->then(function (string $typed): void {
            try {
                $sku = Sku::of($typed)->text;
            } catch (InvalidSku $refused) {
                self::assertStringEndsWith('.', $refused->getMessage());

                return;
            }
            self::assertSame(trim($sku, '-'), Sku::allowedSpelling($sku));
        });
    }

    public function test_a_sku_survives_the_address_of_its_page(): void
    {
        foreach (['honey-340', 'דבש', '🍯', 'a+b', 'a&b', 'a;b', "o'neill", 'a:b', '~!$()'] as $sku) {
            self::assertSame($sku, rawurldecode(rawurlencode(Sku::of($sku)->text)));
        }
    }

    public function test_what_is_proposed_is_a_sku(): void
    {
        $this->forAll(Generators::string())->then(static function (string $name): void {
            $proposed = Sku::proposedFor($name);
            self::assertSame($proposed?->text, $proposed === null ? null : Sku::of($proposed->text)->text);
        });
    }
}
