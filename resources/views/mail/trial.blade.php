<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>The button for {{ $page }}</title></head>
<body style="font-family:Arial,sans-serif;color:#18222d">
<p>This is how the button for “{{ $page }}” stands in a letter:</p>
{!! $button !!}
<p>{{ $shop->name }}</p>
</body>
</html>
