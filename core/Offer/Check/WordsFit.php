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
    private const MOST_LINES = 2;

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

        return $findings === [] ? $this->tooLong($proof) : $findings;
    }

    /** @return list<Finding> */
    private function tooLong(Proof $proof): array
    {
        $letters = $proof->draft->look->lettersInALine;
        $lines = $letters === null ? 1 : (int) ceil(mb_strlen($proof->offer->caption()) / $letters);

        return match (true) {
            $lines > self::MOST_LINES => [Finding::caution(Slot::Caption, "In this look the caption takes {$lines} lines on a narrow page; shorten it to {$this->letters($letters)}, or make the look wider or its letters smaller.")],
            $lines === self::MOST_LINES => [Finding::hint(Slot::Caption, "In this look the caption takes two lines on a narrow page; up to {$this->letters($letters)} fit in one.")],
            default => [],
        };
    }

    private function letters(?int $count): string
    {
        return $count === 1 ? 'one letter' : "{$count} letters";
    }
}
