{!! $card->to_name === '' ? $say->say('mail.hello_nobody') : $say->say('mail.hello', name: $card->to_name) !!}

@if ($card->to_email === '')
{!! $say->say('mail.gift_card.bought', shop: $shop->name, number: (string) $order->number) !!}
@else
{!! $say->say('mail.gift_card.text', shop: $shop->name, from: $order->shopper()) !!}
@endif

@if ($card->message !== '')
{!! $card->message !!}

@endif
{!! $say->say('mail.gift_card.worth', amount: $card->money($card->balance_minor)) !!}

{!! $mark !!}

{!! $say->say('mail.gift_card.use', link: $shop->base().'/') !!}
