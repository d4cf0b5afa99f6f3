<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

enum TermsKind: string
{
    case Once = 'once';
    case Plan = 'plan';
    case InParts = 'parts';
    case Giving = 'giving';
}
