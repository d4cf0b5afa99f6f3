<?php

declare(strict_types=1);

namespace App\People;

use App\Database\InTransaction;
use App\Messages\WriteMessage;
use App\Models\Invitation;
use App\Models\MessageKind;
use App\Models\Person;
use App\Models\Shop;
use App\Text\Secrets;
use App\Time\Clock;
use PaperKite\People\Role;
use PaperKite\Text\EmailAddress;

/** Invites somebody to work in a shop, by a link that is mailed, works once and expires. */
final readonly class Invite
{
    private const DAYS = 7;

    /** That are open in one shop: nobody is pestered in its name. */
    private const MOST_OPEN = 20;

    public function __construct(
        private WriteMessage $write,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /** @throws CantInvite */
    public function __invoke(Shop $shop, Person $inviter, EmailAddress $email, Role $role): Invitation
    {
        return ($this->inTransaction)(function () use ($shop, $inviter, $email, $role): Invitation {
            // Whoever invites in the same shop waits until it stands.
            $shop->people()->lockForUpdate()->get(['people.id']);
            if ($shop->people()->where('email_key', $email->key)->exists()) {
                throw CantInvite::worksHere($email->text);
            }
            $now = $this->clock->now();
            $open = Invitation::query()->where('shop_id', $shop->id)->whereNull('used_at')->where('expires_at', '>', $now);
            // The same person's earlier one gives way.
            $open->clone()->where('email_key', $email->key)->update(['expires_at' => $now]);
            if ($open->count() >= self::MOST_OPEN) {
                throw CantInvite::tooMany(self::MOST_OPEN);
            }
            $token = Secrets::token();
            $invitation = Invitation::query()->create(['shop_id' => $shop->id, 'email' => $email->text, 'role' => $role, 'digest' => hash('sha256', $token), 'person_id' => $inviter->id, 'created_at' => $now, 'expires_at' => $now->addDays(self::DAYS)]);
            $this->write->note($shop, MessageKind::Invitation, $email->text, "{$inviter->name} invites you to {$shop->name}", "{$inviter->name} invites you to work in {$shop->name} with Paper Kite, as {$role->label()}. {$role->note()}\n\nBegin here; the link works once, for seven days:\n{$shop->console('invitation/'.$token)}\n\nIf you don’t know {$shop->name}, do nothing.");

            return $invitation;
        });
    }
}
