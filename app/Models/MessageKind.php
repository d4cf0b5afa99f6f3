<?php

declare(strict_types=1);

namespace App\Models;

enum MessageKind: string
{
    case Confirmation = 'confirmation';
    case NewOrder = 'new_order';
    case Sent = 'sent';
    case Cancelled = 'cancelled';
    case Refunded = 'refunded';
    case DateMoved = 'date_moved';
    case Downloads = 'downloads';
    case NewVersion = 'new_version';
    case GiftCard = 'gift_card';
    case SignInLink = 'sign_in_link';
    case OrderLink = 'order_link';
    case PayeeChanged = 'payee_changed';
    case Invitation = 'invitation';
    case PasswordLink = 'password_link';
    case SignInChanged = 'sign_in_changed';
    case BackInStock = 'back_in_stock';
    case ButtonTrial = 'button_trial';
}
