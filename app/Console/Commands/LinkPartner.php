<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use App\Partners\ReadMarketplaces;
use Illuminate\Console\Command;
use PaperKite\Partner\AddressFinding;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\ReadAddress;
use Symfony\Component\Console\Output\OutputInterface;

/** What a pasted address names at a shop's marketplaces, and where a click would lead; as the console says it. */
final class LinkPartner extends Command
{
    use ReadsText;

    protected $signature = 'link:partner {address : As it was pasted} {--shop= : The slug of the shop; left out where there is one shop alone}';

    protected $description = 'Reads the address of a partner’s goods and prints what comes of it (JSON)';

    public function handle(ReadMarketplaces $marketplaces): int
    {
        $shops = Shop::query()->when($this->optionText('shop') !== '', fn ($query) => $query->where('slug', $this->optionText('shop')))->limit(2)->get();
        $shop = $shops->first();
        if ($shop === null || $shops->count() > 1) {
            $this->error($shop === null ? 'There is no such shop; name one by its slug, with --shop=.' : 'There are several shops; name one by its slug, with --shop=.');

            return self::INVALID;
        }
        $read = ReadAddress::of($this->text('address'), array_values($marketplaces($shop)));
        $answer = [
            'marketplace' => $read->marketplace?->name,
            'item' => $read->target?->words(),
            'address' => $read->marketplace === null || $read->target === null ? null : OutgoingAddress::of($read->marketplace, $read->target, null),
            'replaced' => $read->replaced,
            'findings' => array_map(static fn (AddressFinding $finding): array => ['what' => $finding->fault->value, 'blocks' => $finding->fault->blocks(), 'sentence' => $finding->sentence], $read->findings),
        ];
        // Raw, so that nothing in an address is taken for the console's own markup.
        $this->output->writeln(json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT), OutputInterface::OUTPUT_RAW);

        return $read->refused() === null ? self::SUCCESS : self::INVALID;
    }
}
