@include('mail.hello')

{!! $say->say('mail.downloads.text', name: $download->line->name, number: (string) $order->number, shop: $shop->name) !!}

@include('mail.files')

{!! $say->say('mail.order', link: $link) !!}
