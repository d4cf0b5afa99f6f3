<?php

declare(strict_types=1);

namespace App\Partners;

use PaperKite\Partner\MarketplaceEntry;
use PaperKite\Text\FormInput;

/** A partner whose marketplaces ship as a data file. */
final readonly class ReadyPartner
{
    /** @param  list<FormInput>  $marketplaces */
    public function __construct(
        public string $name,
        private array $marketplaces,
        private ?int $port,
    ) {}

    /** @return list<string> the names of its marketplaces */
    public function names(): array
    {
        return array_map(static fn (FormInput $marketplace): string => $marketplace->text('name'), $this->marketplaces);
    }

    /** @return list<MarketplaceEntry> as if they had been typed */
    public function entries(string $partnerId): array
    {
        return array_map(fn (FormInput $marketplace): MarketplaceEntry => MarketplaceEntry::read($marketplace->with(['partner' => $this->name, 'partner_id' => $partnerId] + ($this->port === null ? [] : ['port' => (string) $this->port]))), $this->marketplaces);
    }
}
