<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

enum Demand: string
{
    case Off = 'off';
    case Optional = 'optional';
    case Required = 'required';
}
