<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\PartnerReports\Earned;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Earned', description: 'What was earned by something, in one currency.')]
final readonly class EarnedResource
{
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'ISO 4217.')]
        public string $currency,
        #[OA\Property(description: 'That led to a marketplace of this currency.')]
        public int $clicks,
        #[OA\Property]
        public int $sales,
        #[OA\Property]
        public int $refunds,
        #[OA\Property(description: 'Of the sales, less what was given back.')]
        public string $amount,
        #[OA\Property]
        public string $commission,
        #[OA\Property(description: 'Likewise, in minor units, for drawing alone.')]
        public int $commission_minor,
        #[OA\Property(description: 'Sales of clicks; blank: nobody clicked.', example: '2.4 %')]
        public string $conversion,
        #[OA\Property(description: 'What a click earned; blank: nobody clicked.', example: 'EUR 0.0412')]
        public string $per_click,
    ) {}

    public static function of(Earned $earned, string $name): self
    {
        $conversion = $earned->conversion();
        $perClick = $earned->perClick();

        return new self($name, $earned->commission->currency->code, $earned->clicks, $earned->sales, $earned->refunds, $earned->amount->shown(), $earned->commission->shown(), $earned->commission->minor, $conversion === null ? '' : "{$conversion} %", $perClick === null ? '' : "{$earned->commission->currency->code} {$perClick}");
    }
}
