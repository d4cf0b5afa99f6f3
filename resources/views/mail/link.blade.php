{!! $subject !!}

Open this within 30 minutes; it works once:

{!! $link !!}

If you did not ask for it, nothing happens without you.
{!! $shop->name !!}
