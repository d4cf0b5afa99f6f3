<?php

declare(strict_types=1);

namespace App\Models;

use PaperKite\Catalogue\Terms;
use PaperKite\Catalogue\TermsKind;

/**
 * A line that is picked on terms.
 *
 * @property string $terms
 * @property int|null $amount_minor
 */
trait HasTerms
{
    public function termsOf(Product $product): Terms
    {
        return match (TermsKind::from($this->terms)) {
            TermsKind::Once => Terms::once(),
            TermsKind::Plan => throw new \LogicException('No plan is kept yet.'),
            TermsKind::InParts => Terms::inParts(),
            TermsKind::Giving => Terms::giving($product->money($this->amount_minor ?? 0)),
        };
    }
}
