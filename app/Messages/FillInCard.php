<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\CardShowing;
use App\Models\GiftCard;
use App\Models\Message;
use App\Models\MessageKind;
use PaperKite\GiftCard\CardCode;

/** Puts the code of a gift card into the mail that brings it, at the last moment: what is kept of the mail has a mark in its place. */
final class FillInCard
{
    public const MARK = '[[gift card]]';

    /** @param  Message  $message  with its shop */
    public static function into(Message $message): string
    {
        if ($message->kind !== MessageKind::GiftCard) {
            return $message->text;
        }
        $card = GiftCard::query()->whereKey(CardShowing::query()->whereKey($message->about_id)->value('gift_card_id'))->first();
        $say = $message->shop->wording();
        $code = $card?->code === null ? null : CardCode::read($card->code);

        return str_replace(self::MARK, $card === null || $code === null ? $say->say('mail.gift_card.ended') : $say->say('mail.gift_card.code', code: $code->shown(), link: $message->shop->base().$card->pagePath()), $message->text);
    }
}
