{!! $order->name === '' ? $say->say('mail.hello_nobody') : $say->say('mail.hello', name: $order->name) !!}
