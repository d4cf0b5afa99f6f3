@include('mail.hello')

{!! $step->carrier === '' ? $say->say('mail.sent.text', number: (string) $order->number, shop: $shop->name) : $say->say('mail.sent.text_with', number: (string) $order->number, shop: $shop->name, carrier: $step->carrier) !!}

@include('mail.goods')
@if ($step->tracking !== '')
{!! $say->say('mail.sent.follow', link: $step->tracking) !!}

@endif
@include('mail.address')
{!! $say->say('mail.order', link: $link) !!}
