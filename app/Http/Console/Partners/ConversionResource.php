<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\Commission\Conversion;

#[OA\Schema(schema: 'Conversion', description: 'How many of those who click buy.')]
final readonly class ConversionResource
{
    private function __construct(
        #[OA\Property(example: '2.4 %')]
        public string $shown,
        #[OA\Property(description: 'Where it comes from, and between what it lies.', example: 'of 240 clicks; 1.1 % to 5.2 %')]
        public string $from,
        #[OA\Property]
        public bool $is_assumed,
    ) {}

    public static function of(Conversion $conversion, int $clicks): self
    {
        return new self(
            self::percent($conversion->share),
            $conversion->isAssumed
                ? 'assumed; fewer than '.Conversion::LEAST_CLICKS.' clicks'
                : "of {$clicks} clicks; ".self::percent($conversion->low).' to '.self::percent($conversion->high),
            $conversion->isAssumed,
        );
    }

    private static function percent(float $share): string
    {
        return rtrim(rtrim(number_format($share * 100, 1, '.', ''), '0'), '.').' %';
    }
}
