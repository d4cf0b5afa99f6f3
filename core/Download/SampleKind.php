<?php

declare(strict_types=1);

namespace PaperKite\Download;

enum SampleKind: string
{
    case Picture = 'picture';
    case Audio = 'audio';
    case Video = 'video';
    case Pages = 'pages';

    /** Drawn anew as pictures, whatever it was. */
    public function isDrawn(): bool
    {
        return $this === self::Picture || $this === self::Pages;
    }

    /** Key of the phrase under which a shopper finds it. */
    public function title(): string
    {
        return "sample.{$this->value}";
    }
}
