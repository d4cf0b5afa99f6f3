@include('mail.hello')

{!! $say->say('mail.refunded.text', amount: $order->money($refund->amount_minor), number: (string) $order->number, shop: $shop->name) !!}

{!! implode("\n", $rows) !!}

@if ($refund->reason !== '')
{!! $refund->reason !!}

@endif
{!! $say->say('mail.refunded.when') !!}

{!! $say->say('mail.order', link: $link) !!}
