<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Offer;
use PaperKite\Offer\Slot;
use PaperKite\Refusal;

final readonly class CaptionFits implements Check
{
    /** Beyond this a caption takes a second line on a button 280 px wide. */
    private const ONE_LINE = 26;

    public function findings(Draft $draft): array
    {
        try {
            $caption = Offer::captionFromEntry($draft->caption) ?? '';
        } catch (Refusal $refusal) {
            return [Finding::error(Slot::Caption, $refusal->getMessage())];
        }
        if (mb_strlen($caption) > self::ONE_LINE) {
            return [Finding::hint(Slot::Caption, 'The caption takes two lines on a narrow page; a few words are enough.')];
        }

        return [];
    }
}
