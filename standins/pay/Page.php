<?php

declare(strict_types=1);

namespace Standins\pay;

/** Where the shopper decides. */
final readonly class Page
{
    public function __construct(
        private Ledger $ledger,
        private Events $events,
    ) {}

    /** @return array{int, string, string|null} status, HTML, and where to go on to */
    public function answer(string $method, string $id): array
    {
        $payment = $this->ledger->payment($id);
        if ($payment === null) {
            return [404, self::html('No such payment', '<p>The address leads to no payment.</p>'), null];
        }

        return $method === 'POST' && $payment['state'] === 'open' ? $this->decide($payment) : [200, $this->page($payment), null];
    }

    /**
     * @param  array<string, mixed>  $payment
     * @return array{int, string, string|null}
     */
    private function decide(array $payment): array
    {
        $state = match ($_POST['do'] ?? '') {
            'pay' => 'authorised',
            'decline' => 'declined',
            'cancel' => 'cancelled',
            default => null,
        };
        if ($state === null) {
            return [422, $this->page($payment), null];
        }
        if ($this->ledger->move((string) $payment['id'], 'open', $state)) {
            $delivery = $_POST['delivery'] ?? '';
            $this->events->tell(['state' => $state] + $payment, Delivery::tryFrom(is_string($delivery) ? $delivery : '') ?? Delivery::First);
        }
        if (($_POST['stay'] ?? '') === '1') {
            return [200, self::html('Done', '<p>The payment is <strong>'.$state.'</strong>. Close this page; the shop hears of it all the same.</p>'), null];
        }

        return [303, '', (string) $payment[$state === 'cancelled' ? 'cancel_to' : 'return_to']];
    }

    /** @param array<string, mixed> $payment */
    private function page(array $payment): string
    {
        $amount = self::escaped("{$payment['amount']} {$payment['currency']}");
        $facts = '<dl><div><dt>To</dt><dd dir="auto">'.self::escaped((string) $payment['description']).'</dd></div><div><dt>Account</dt><dd>'.self::escaped((string) $payment['payee']).'</dd></div><div><dt>Amount</dt><dd class="amount">'.$amount.'</dd></div></dl>';
        if ($payment['state'] !== 'open') {
            return self::html('This payment is closed', $facts.'<p>It is <strong>'.self::escaped((string) $payment['state']).'</strong>. <a href="'.self::escaped((string) $payment['return_to']).'">Back to the shop</a></p>');
        }
        $choices = implode('', array_map(static fn (Delivery $case): string => sprintf(
            '<label><input type="radio" name="delivery" value="%s"%s> %s</label>', $case->value, $case === Delivery::First ? ' checked' : '', $case->label(),
        ), Delivery::cases()));

        return self::html('Pay', $facts.'<form method="post"><div class="deeds"><button name="do" value="pay" class="main">Authorise '.$amount.'</button><button name="do" value="decline">Decline, as a bank might</button><button name="do" value="cancel">Cancel and go back</button></div>'
            .'<fieldset><legend>The shop hears of it</legend>'.$choices.'</fieldset><label><input type="checkbox" name="stay" value="1"> Don’t lead me back, as if I closed the page</label></form>');
    }

    private static function html(string $title, string $content): string
    {
        return '<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>'.$title.' · Harbour Pay (simulated)</title><link rel="icon" href="data:,"><style>'.file_get_contents(__DIR__.'/page.css').'</style></head><body><main><p class="who">Harbour Pay <span>a simulated provider; no money moves</span></p><h1>'.$title.'</h1>'.$content.'</main></body></html>';
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_HTML5, 'UTF-8');
    }
}
