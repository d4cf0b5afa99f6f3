@include('mail.hello')

{!! $say->say('mail.cancelled.text', number: (string) $order->number, shop: $shop->name) !!}

@include('mail.goods')
{!! $say->say($isTaken ? 'mail.cancelled.taken' : 'mail.cancelled.held') !!}

{!! $say->say('mail.order', link: $link) !!}
