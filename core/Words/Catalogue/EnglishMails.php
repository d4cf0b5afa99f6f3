<?php

declare(strict_types=1);

namespace PaperKite\Words\Catalogue;

/** What is written to shoppers, by letter. A name in braces is an argument. */
final class EnglishMails
{
    public const TEXTS = [
        'mail.hello' => 'Hello {name},',
        'mail.hello_nobody' => 'Hello,',
        'mail.confirmation.subject' => 'Your order {number} at {shop}',
        'mail.confirmation.thanks' => 'thank you for your order {number} at {shop}.',
        'mail.line' => '{count} × {name}: {amount}',
        'mail.total' => 'Total: {amount}',
        'mail.row' => '{label}: {amount}',
        'mail.who_comes' => 'Who comes to {name}: {names}',
        'mail.calendar' => 'For your calendar: {link}',
        'mail.next_parcel' => 'We pack it now, and write to you once it is on its way.',
        'mail.goes_to' => 'It goes to:',
        'mail.order_day' => 'The order for a day from now: {link}',
        'mail.order' => 'The order: {link}',
        'mail.sent.subject' => 'Your order {number} at {shop} is on its way',
        'mail.sent.text' => 'your order {number} at {shop} is on its way:',
        'mail.sent.text_with' => 'your order {number} at {shop} is on its way with {carrier}:',
        'mail.goods' => '{count} × {name}',
        'mail.sent.follow' => 'Follow the parcel: {link}',
        'mail.cancelled.subject' => 'Your order {number} at {shop} was cancelled',
        'mail.cancelled.text' => 'your order {number} at {shop} was cancelled:',
        'mail.cancelled.taken' => 'What you paid goes back to you; we write again when it has.',
        'mail.cancelled.held' => 'Nothing was taken from you; what was held is let go.',
        'mail.refunded.subject' => '{amount} of your order {number} at {shop} was given back',
        'mail.refunded.text' => 'we gave you back {amount} of your order {number} at {shop}:',
        'mail.refunded.part' => 'Of {name}: {amount}',
        'mail.refunded.discount' => 'Discount: −{amount}',
        'mail.refunded.given' => 'Given back: {amount}',
        'mail.refunded.when' => 'It arrives where you paid from, as fast as your bank is.',
        'mail.files.of' => 'Your files of {name}:',
        'mail.files.one' => '- {name}',
        'mail.files.link' => 'Download: {link}',
        'mail.files.until' => 'The link works until {day}; each file can be downloaded {count} times.',
        'mail.downloads.subject' => 'A fresh link to {name}',
        'mail.downloads.text' => 'here is a fresh link to {name}, of your order {number} at {shop}:',
        'mail.new_version.subject' => '{name}: a new version',
        'mail.new_version.text' => 'there is a new version of {name}, which you bought at {shop}. It is yours, too:',
        'mail.moved.subject' => '{name}: a new date',
        'mail.moved.text' => '{name}, which you booked at {shop}, takes place at another time or elsewhere now:',
        'mail.moved.answer' => 'Can’t you come then? Answer this mail.',
        'mail.sign_in.subject' => 'Sign in at {shop}',
        'mail.order_link.subject' => 'Your order {number} at {shop}',
        'mail.back.subject' => '{name} is back at {shop}',
        'mail.back.text' => 'You asked {shop} to tell you when “{name}” is back. It is there again, for as long as the pieces last:',
        'mail.back.once' => 'This is the one mail that you asked for. To be sure that no other comes: {link}',
        'mail.link.open' => 'Open this within 30 minutes; it works once:',
        'mail.link.not_asked' => 'If you did not ask for it, nothing happens without you.',
    ];
}
