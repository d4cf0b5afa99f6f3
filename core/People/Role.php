<?php

declare(strict_types=1);

namespace PaperKite\People;

/** What somebody is in a shop. */
enum Role: string
{
    case Owner = 'owner';
    case Editor = 'editor';
    case Reader = 'reader';

    public function may(Ability $ability): bool
    {
        return match ($ability) {
            Ability::Read => true,
            Ability::Work => $this !== self::Reader,
            Ability::Payee, Ability::People => $this === self::Owner,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Owner => 'Owner',
            self::Editor => 'Editor',
            self::Reader => 'Reader',
        };
    }

    public function note(): string
    {
        return match ($this) {
            self::Owner => 'Does everything, payee and people included.',
            self::Editor => 'Changes everything but the payee and the people.',
            self::Reader => 'Looks at everything and changes nothing.',
        };
    }
}
