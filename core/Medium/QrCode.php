<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/**
 * What a QR code (ISO/IEC 18004) says; the picture is drawn where it is shown or saved.
 *
 * The address is written in capitals: a QR code packs those in two thirds of the room, so that its squares are larger on
 * the same paper. Host and scheme are read without regard to case (RFC 3986, 6.2.2.1), and so is the code of a placement.
 */
final readonly class QrCode implements Medium
{
    public function key(): string
    {
        return 'qr';
    }

    public function label(): string
    {
        return 'QR code';
    }

    public function isLive(): bool
    {
        return true;
    }

    public function opensTabs(): bool
    {
        return false;
    }

    public function note(): string
    {
        return 'For a label, a card, a poster; readable from 20 mm on. It holds only the link, so it follows every change.';
    }

    public function snippet(Placed $placed): string
    {
        return strtoupper($placed->url);
    }
}
