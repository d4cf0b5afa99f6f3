<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Slot;
use PaperKite\Offer\StateWords;
use PaperKite\Refusal;

final readonly class WordsFit implements Check
{
    /** Beyond this a caption takes a second line on a button 280 px wide. */
    private const ONE_LINE = 26;

    public function findings(Proof $proof): array
    {
        $findings = [];
        foreach (ButtonState::cases() as $state) {
            try {
                StateWords::read($state, $proof->draft->words[$state->value] ?? '');
            } catch (Refusal $refusal) {
                $findings[] = Finding::error(Slot::Caption, $refusal->getMessage());
            }
        }
        if ($findings === [] && mb_strlen($proof->offer->caption()) > self::ONE_LINE) {
            return [Finding::hint(Slot::Caption, 'The caption takes two lines on a narrow page; a few words are enough.')];
        }

        return $findings;
    }
}
