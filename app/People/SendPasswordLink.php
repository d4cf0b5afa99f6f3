<?php

declare(strict_types=1);

namespace App\People;

use App\Database\InTransaction;
use App\Messages\WriteMessage;
use App\Models\MessageKind;
use App\Models\PasswordLink;
use App\Models\Person;
use App\Text\Secrets;
use App\Time\Clock;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/**
 * Mails a link by which a person chooses a new password. In the queue: how long it takes tells nobody whether there is
 * somebody of this address.
 */
final class SendPasswordLink implements ShouldQueue
{
    use Dispatchable;

    private const MINUTES = 30;

    public int $tries = 3;

    /** @param  string  $emailKey  the address as it is compared */
    public function __construct(public readonly string $emailKey) {}

    public function handle(InTransaction $inTransaction, WriteMessage $write, Clock $clock): void
    {
        $person = Person::query()->where('email_key', $this->emailKey)->first();
        $shop = $person?->shops()->first();
        // Whoever works nowhere has nothing to sign in to.
        if ($person === null || $shop === null) {
            return;
        }
        $token = Secrets::token();
        $inTransaction(function () use ($person, $shop, $token, $write, $clock): void {
            PasswordLink::query()->create(['person_id' => $person->id, 'digest' => hash('sha256', $token), 'expires_at' => $clock->now()->addMinutes(self::MINUTES)]);
            $write->note($shop, MessageKind::PasswordLink, $person->email, 'A new password for Paper Kite', "Somebody, perhaps you, has asked for a new password for {$person->email}.\n\nChoose it here; the link works once, for 30 minutes:\n{$shop->console('password/'.$token)}\n\nIf it was not you, do nothing: your password stays as it is.");
        });
    }
}
