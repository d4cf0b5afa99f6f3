@foreach ($download->files as $file)
{!! $say->say('mail.files.one', name: $file->current()->name) !!}
@endforeach
{!! $say->say('mail.files.link', link: $shop->base().$download->path()) !!}
{!! $say->say('mail.files.until', day: $say->dates()->date($download->expires(), $shop->zone()), count: $download->most) !!}
