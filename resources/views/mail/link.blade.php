{!! $subject !!}

{!! $say->say('mail.link.open') !!}

{!! $link !!}

{!! $say->say('mail.link.not_asked') !!}
{!! $shop->name !!}