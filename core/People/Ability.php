<?php

declare(strict_types=1);

namespace PaperKite\People;

/** What somebody may do in a shop. Every address of the console names one. */
enum Ability: string
{
    /** To see what is there, and to try what changes nothing. */
    case Read = 'read';
    /** To change goods, offers, orders and settings. */
    case Work = 'work';
    /** To say whom payments go to. */
    case Payee = 'payee';
    /** To say who works here. */
    case People = 'people';

    /** Why somebody who works in the shop may not. */
    public function refusal(): string
    {
        return match ($this) {
            self::Read, self::Work => 'You can look at everything in this shop, but change nothing; ask an owner of the shop.',
            self::Payee => 'Only an owner can change whom payments go to; ask one.',
            self::People => 'Only an owner can say who works here; ask one.',
        };
    }
}
