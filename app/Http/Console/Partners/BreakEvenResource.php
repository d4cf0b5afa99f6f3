<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Money\Money;
use PaperKite\Partner\Commission\BreakEven;

#[OA\Schema(schema: 'BreakEven', description: 'What a monthly cost must bring until it has paid for itself.')]
final readonly class BreakEvenResource
{
    private function __construct(
        #[OA\Property(description: 'One sentence.')]
        public string $sentence,
        #[OA\Property(description: 'A month.')]
        public int $sales,
        #[OA\Property(description: 'A month; null where nobody buys.')]
        public ?int $clicks,
    ) {}

    public static function of(Money $cost, Money $commission, BreakEven $even): self
    {
        $sales = $even->sales === 1 ? 'one sale' : "{$even->sales} sales";
        $clicks = match (true) {
            $even->clicks === null => 'So far nobody who clicked has bought.',
            $even->fewest === $even->most => "That takes about {$even->clicks} clicks.",
            $even->most === null => "That takes about {$even->clicks} clicks: {$even->fewest} at best, and at worst it never comes.",
            default => "That takes about {$even->clicks} clicks, {$even->fewest} to {$even->most}.",
        };

        return new self("At {$commission->shown()} a sale, {$cost->shown()} a month is paid for by {$sales} a month. {$clicks}", $even->sales, $even->clicks);
    }
}
