<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Messages\OutboxTransport;
use PHPUnit\Framework\TestCase;
use Standins\outbox\Site;
use Symfony\Component\Mailer\Mailer;
use Symfony\Component\Mime\Email;

/** The outbox stand-in: what is laid into it can be read there, as it was written. */
final class OutboxStandinTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kite-outbox-'.bin2hex(random_bytes(4));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        is_dir($this->folder) && rmdir($this->folder);
    }

    public function test_an_empty_outbox_says_so(): void
    {
        self::assertStringContainsString('Nothing has been sent yet.', $this->page('/'));
    }

    public function test_a_message_is_listed_and_shown_with_its_links(): void
    {
        $this->send('kite-7', 'Your order 1001 at דבש & <b>honey</b>', "Hello,\n\nopen http://mosslight.localhost/thanks/abc?x=1&y=2 <script>alert(1)</script>\n🍯");

        self::assertStringContainsString('Your order 1001 at דבש &amp; &lt;b&gt;honey&lt;/b&gt;', $this->page('/'));
        $shown = $this->page('/message/kite-7');
        self::assertStringContainsString('<a href="http://mosslight.localhost/thanks/abc?x=1&amp;y=2">', $shown);
        self::assertStringContainsString('🍯', $shown);
        self::assertStringNotContainsString('<script>', $shown);
        self::assertStringContainsString('ada@letters.example', $shown);
    }

    public function test_a_letter_is_shown_in_a_frame_without_script(): void
    {
        $email = (new Email)->from('orders@mosslight.example')->to('ada@letters.example')->subject('A letter')->html('<p>Dear "Ada"</p><script>alert(1)</script>');
        $email->getHeaders()->addIdHeader('Message-ID', 'kite-8@mosslight.example');
        (new Mailer(new OutboxTransport($this->folder)))->send($email);

        $shown = $this->page('/message/kite-8');
        self::assertStringContainsString('sandbox="allow-top-navigation-by-user-activation"', $shown);
        self::assertStringContainsString('&lt;p&gt;Dear &quot;Ada&quot;&lt;/p&gt;', $shown);
        self::assertStringNotContainsString('<script>', $shown);
    }

    public function test_the_same_message_handed_over_again_is_one_message(): void
    {
        $this->send('kite-7', 'First', 'one');
        $this->send('kite-7', 'First', 'one');

        self::assertCount(1, glob("{$this->folder}/*.eml") ?: []);
    }

    public function test_nothing_beside_the_messages_can_be_read(): void
    {
        $this->send('kite-7', 'First', 'one');

        foreach (['/message/../../etc/passwd', '/message/kite-8', '/message/', '/elsewhere'] as $path) {
            self::assertStringContainsString('No such message', $this->page($path));
        }
    }

    private function send(string $id, string $subject, string $text): void
    {
        $email = (new Email)->from('orders@mosslight.example')->to('ada@letters.example')->subject($subject)->text($text);
        $email->getHeaders()->addIdHeader('Message-ID', "{$id}@mosslight.example");
        (new Mailer(new OutboxTransport($this->folder)))->send($email);
    }

    private function page(string $path): string
    {
        return PayStandinTest::parts((new Site($this->folder))->answer(PayStandinTest::request('GET', $path)))['body'];
    }
}
