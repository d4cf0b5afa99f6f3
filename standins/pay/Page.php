<?php

declare(strict_types=1);

namespace Standins\pay;

use Standins\Answer;
use Standins\Request;

/** Where the shopper decides. */
final readonly class Page
{
    public function __construct(
        private Ledger $ledger,
        private Events $events,
    ) {}

    public function answer(Request $request): Answer
    {
        $payment = str_starts_with($request->path, '/pay/') ? $this->ledger->payment(substr($request->path, 5)) : null;

        return match (true) {
            $payment === null => self::html('No such payment', '<p>A payment is opened by a shop; this address leads to none.</p>', 404),
            $request->method === 'POST' && $payment->state === 'open' => $this->decide($payment, $request->form),
            default => $this->page($payment),
        };
    }

    /** @param  array<string, string>  $form */
    private function decide(Payment $payment, array $form): Answer
    {
        $state = match ($form['do'] ?? '') {
            'pay' => 'authorised',
            'decline' => 'declined',
            'cancel' => 'cancelled',
            default => null,
        };
        $chosen = Chosen::of($form);
        if ($state === null || ($state === 'authorised' && $chosen === null)) {
            return $this->page($payment, $form, $state === null ? '' : 'Enter the e-mail address of your account, or pay without one.');
        }
        if ($this->ledger->move($payment->id, 'open', $state)) {
            if ($state === 'authorised' && $chosen !== null) {
                $this->ledger->keepChosen($payment->id, $chosen);
            }
            $this->events->tell($payment->in($state), Delivery::tryFrom($form['delivery'] ?? '') ?? Delivery::First);
        }

        return ($form['stay'] ?? '') === '1'
            ? self::html('Done', "<p>The payment is <strong>{$state}</strong>. Close this page; the shop hears of it all the same.</p>")
            : Answer::goOnTo($state === 'cancelled' ? $payment->cancel_to : $payment->return_to);
    }

    /** @param  array<string, string>  $form  as it was sent */
    private function page(Payment $payment, array $form = [], string $complaint = ''): Answer
    {
        $amount = self::escaped("{$payment->amount} {$payment->currency}");
        $facts = '<dl><div><dt>To</dt><dd dir="auto">'.self::escaped($payment->description).'</dd></div><div><dt>Account</dt><dd>'.self::escaped($payment->payee)."</dd></div><div><dt>Amount</dt><dd class=\"amount\">{$amount}</dd></div></dl>";
        if ($payment->state !== 'open') {
            $chosen = $this->ledger->chosen($payment->id);

            return self::html('This payment is closed', $facts.($chosen === null ? '' : '<p>Paid by: '.self::escaped($chosen->said()).'.</p>').'<p>It is <strong>'.self::escaped($payment->state).'</strong>. <a href="'.self::escaped($payment->return_to).'">Back to the shop</a></p>');
        }
        $choices = implode('', array_map(static fn (Delivery $case): string => sprintf(
            '<label><input type="radio" name="delivery" value="%s"%s> %s</label>', $case->value, $case === Delivery::First ? ' checked' : '', $case->label(),
        ), Delivery::cases()));

        return self::html('Pay', $facts.'<form method="post">'.self::ways($form, $complaint)."<div class=\"deeds\"><button name=\"do\" value=\"pay\" class=\"main\">Authorise {$amount}</button><button name=\"do\" value=\"decline\">Decline, as a bank might</button><button name=\"do\" value=\"cancel\">Cancel and go back</button></div>"
            ."<fieldset><legend>The shop hears of it</legend>{$choices}</fieldset><label><input type=\"checkbox\" name=\"stay\" value=\"1\"> Don’t lead me back, as if I closed the page</label></form>");
    }

    /** @param  array<string, string>  $form */
    private static function ways(array $form, string $complaint): string
    {
        $choice = static fn (string $name, string $value, string $label, bool $isChosen): string => sprintf('<label><input type="radio" name="%s" value="%s"%s> %s</label>', $name, $value, $isChosen ? ' checked' : '', $label);
        $isWallet = ($form['method'] ?? '') === 'wallet';
        $isAccount = ($form['as'] ?? '') === 'account';

        return '<fieldset><legend>Pay with</legend>'.$choice('method', 'card', Chosen::METHODS['card'], ! $isWallet).$choice('method', 'wallet', Chosen::METHODS['wallet'], $isWallet).'</fieldset>'
            .'<fieldset><legend>Your account here</legend>'.$choice('as', 'guest', 'Without an account', ! $isAccount).$choice('as', 'account', 'With my account', $isAccount)
            .'<label for="email">Its e-mail address</label><input id="email" type="email" name="email" autocomplete="email" value="'.self::escaped($form['email'] ?? '').'">'
            .($complaint === '' ? '' : '<p role="alert">'.self::escaped($complaint).'</p>').'</fieldset>';
    }

    public static function html(string $title, string $content, int $status = 200): Answer
    {
        return Answer::page('<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>'.$title.' · Harbour Till (simulated)</title><link rel="icon" href="data:,"><style>'.file_get_contents(__DIR__.'/page.css').'</style></head><body><main><p class="who">Harbour Till <span>a simulated provider; no money moves</span></p><h1>'.$title.'</h1>'.$content.'</main></body></html>', $status);
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_HTML5, 'UTF-8');
    }
}
