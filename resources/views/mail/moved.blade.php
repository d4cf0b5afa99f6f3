@include('mail.hello')

{!! $say->say('mail.moved.text', name: $line->name.($line->choices === '' ? '' : " ({$line->choices})"), shop: $shop->name) !!}

  {!! $when !!}

{!! $say->say('mail.calendar', link: "{$link}/calendar.ics") !!}

{!! $say->say('mail.moved.answer') !!}

{!! $say->say('mail.order', link: $link) !!}
