<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Message;
use App\Time\Clock;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Mail\Mailer;
use Illuminate\Mail\Message as Mail;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\HtmlString;
use PaperKite\Page\LetterHtml;

/**
 * Hands a message over to be sent, and tries again until that is done. A worker that dies between the handing over and
 * the noting of it hands the same Message-ID over again (RFC 5322, 3.6.4), by which it is known.
 */
final class SendMessage implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;

    public int $tries = 0;

    public function __construct(public readonly int $messageId) {}

    /** @return list<int> seconds before the next try; the last one repeats */
    public function backoff(): array
    {
        return [1, 5, 30, 300];
    }

    public function handle(Mailer $mailer, Clock $clock): void
    {
        $message = Message::query()->with('shop')->findOrFail($this->messageId);
        if ($message->sent_at !== null) {
            return;
        }
        $shop = $message->shop;
        $text = FillInCard::into($message);
        $html = $message->html ?? LetterHtml::of($message->subject, $text, $shop->name, $shop->page_look->accent->hex(), $shop->wording()->language->value);
        $mailer->send(['html' => new HtmlString($html), 'raw' => $text], [], static function (Mail $mail) use ($message): void {
            $mail->to($message->to)->subject($message->subject)->from("orders@{$message->shop->host}", $message->shop->name);
            $mail->getHeaders()->addIdHeader('Message-ID', "kite-{$message->id}@{$message->shop->host}");
        });
        $message->update(['sent_at' => $clock->now()]);
    }
}
