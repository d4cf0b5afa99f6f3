<?php

declare(strict_types=1);

namespace PaperKite\Payment;

enum PaymentMethod: string
{
    case Card = 'card';
    case Wallet = 'wallet';
}
