<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\GiftCards\SendDueCards;
use Illuminate\Console\Command;

final class CardsSend extends Command
{
    protected $signature = 'cards:send';

    protected $description = 'Sends gift cards whose day has come';

    public function handle(SendDueCards $send): int
    {
        $this->line("Gift cards sent: {$send()}.");

        return self::SUCCESS;
    }
}
