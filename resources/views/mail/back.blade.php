{!! $say->say('mail.hello_nobody') !!}

{!! $say->say('mail.back.text', name: $name, shop: $shop->name) !!}

{!! $link !!}

{!! $say->say('mail.back.once', link: $end) !!}
