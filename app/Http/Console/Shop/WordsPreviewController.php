<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Http\Input;
use App\Messages\Letter;
use App\Messages\ShopperLetters;
use App\Models\MessageKind;
use App\Models\OrderLine;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\View;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Words\Sample;
use PaperKite\Words\Wording;

/** A page or a letter as a shopper would read it, of an order that nobody made, in words that may not be saved yet. */
final readonly class WordsPreviewController
{
    public function __construct(private Clock $clock) {}

    public function __invoke(Request $request, Shop $shop): Response
    {
        $saved = $shop->wording();
        $typed = json_decode(Input::text($request, 'own'), true);
        // What can’t be said like this is said as everywhere; the form says what is wrong with it.
        $own = WordsController::read(FormInput::of(is_array($typed) ? $typed : []), $saved->language, new FieldErrors);
        $words = new Wording($saved->language, is_array($typed) ? $own : []);
        $sample = Sample::tryFrom(Input::text($request, 'what')) ?? Sample::Thanks;
        $order = SampleOrder::in($shop, $this->clock->now());
        if ($sample === Sample::Thanks) {
            View::share('say', $words);

            return $this->frame(view('preview.words', ['shop' => $shop, 'order' => $order->order, 'say' => $words, 'state' => $order->order->money_state->said($order->order->money(0))->in($words)])->render());
        }

        return $this->frame(view('preview.letter', ['letter' => $this->letter($sample, $shop, $words, $order), 'shop' => $shop])->render());
    }

    private function letter(Sample $sample, Shop $shop, Wording $words, SampleOrder $order): Letter
    {
        $letters = ShopperLetters::of($shop, $words);

        return match ($sample) {
            Sample::Thanks, Sample::Confirmation => $letters->confirmation($order->order),
            Sample::Sent => $letters->sent($order->order, $order->step),
            Sample::Cancelled => $letters->cancelled($order->order),
            Sample::Refunded => $letters->refunded($order->order, $order->refund),
            Sample::SignIn => $letters->signIn("{$shop->base()}/link/a-sample"),
            Sample::Downloads => $letters->download($order->order, $order->download, MessageKind::Downloads),
            Sample::NewVersion => $letters->download($order->order, $order->download, MessageKind::NewVersion),
            Sample::Moved => $letters->moved($order->order, new OrderLine(['name' => 'Skep making, a morning', 'choices' => 'First Saturday']), '6 Jun 2026, 10:00 to 13:00, Weir Cottage'),
        };
    }

    private function frame(string $html): Response
    {
        return response($html, 200, ['Content-Security-Policy' => "sandbox allow-same-origin; default-src 'none'; style-src 'self' 'unsafe-inline'; font-src 'self'; img-src 'self' http: https:; base-uri 'none'; frame-ancestors 'self'"]);
    }
}
