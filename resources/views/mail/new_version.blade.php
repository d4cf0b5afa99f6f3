@include('mail.hello')

{!! $say->say('mail.new_version.text', name: $download->line->name, shop: $shop->name) !!}

@include('mail.files')

{!! $say->say('mail.order', link: $link) !!}
