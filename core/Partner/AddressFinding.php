<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/** One thing wrong or doubtful about a pasted address: why, and what to do, in one sentence. */
final readonly class AddressFinding
{
    private function __construct(
        public AddressFault $fault,
        public string $sentence,
    ) {}

    public static function unreadable(): self
    {
        return new self(AddressFault::Unreadable, 'This is no address of a page; copy it from the browser once more, from https on.');
    }

    public static function tooLong(int $bytes, int $most): self
    {
        return new self(AddressFault::TooLong, "The address has {$bytes} characters; one of an item has {$most} at most. Copy it from the item’s own page.");
    }

    public static function namesUser(string $user): self
    {
        return new self(AddressFault::NamesUser, 'Before its host the address names a user, “'.self::shown($user).'”; addresses are faked like this. Copy it from the browser.');
    }

    public static function unknownHost(string $host): self
    {
        return new self(AddressFault::UnknownHost, 'No marketplace of yours is at “'.self::shown($host).'”; add one under Partners, or look at how the host is spelled.');
    }

    public static function shortened(string $host): self
    {
        return new self(AddressFault::Shortened, 'This looks like a shortened address, of “'.self::shown($host).'”; where it leads can’t be checked. Open it, and paste the address of the page that comes.');
    }

    public static function otherPort(int $port, Marketplace $marketplace): self
    {
        return new self(AddressFault::OtherPort, "{$marketplace->name} does not answer at port {$port}; take it out of the address.");
    }

    public static function climbs(): self
    {
        return new self(AddressFault::Climbs, 'The path of the address climbs out of itself, with points that are written in another way; copy it from the browser.');
    }

    /** @param  non-empty-list<string>  $shape */
    public static function notAReference(string $text, Marketplace $marketplace, array $shape): self
    {
        $form = implode('/', $shape);

        return new self(AddressFault::CantBeRead, '“'.self::shown($text)."” is no reference of {$marketplace->name}; it is written as {$form}, in letters, digits and - . _ ~.");
    }

    public static function readAsAnother(Item $typed, Marketplace $marketplace): self
    {
        return new self(AddressFault::CantBeRead, "{$marketplace->name} would not know “{$typed->text()}” again: its address patterns read another item in it. Look at them under Partners.");
    }

    public static function noSearch(Marketplace $marketplace): self
    {
        return new self(AddressFault::CantBeRead, "{$marketplace->name} has no search address; give one under Partners, or name the item.");
    }

    public static function notAnItem(Marketplace $marketplace): self
    {
        return new self(AddressFault::NotAnItem, "This is a page of {$marketplace->name}, but not an item’s; it is kept as it is. Is it the page that you mean?");
    }

    public static function otherPartner(string $theirs, Marketplace $marketplace): self
    {
        $own = $marketplace->partnerId === null ? 'taken out' : "replaced by yours, “{$marketplace->partnerId->text}”";

        return new self(AddressFault::OtherPartner, 'The address carried the partner ID “'.self::shown($theirs)."”; it was {$own}.");
    }

    public static function noPartnerId(Marketplace $marketplace): self
    {
        return new self(AddressFault::NoPartnerId, "You have no partner ID for {$marketplace->name} yet, so a sale would pay you nothing; enter it under Partners.");
    }

    private static function shown(string $text): string
    {
        return mb_strimwidth(mb_scrub($text, 'UTF-8'), 0, 60, '…', 'UTF-8');
    }
}
