<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Message;
use App\Models\Person;
use Facebook\WebDriver\WebDriverKeys;
use PaperKite\People\Role;
use PaperKite\People\Totp;
use PaperKite\People\TotpSecret;
use PaperKite\Time\Moment;

/** A second person comes to the shop, and each looks after how they sign in. */
final class PeopleTripTest extends BrowserTestCase
{
    private const NEW = 'four paper lanterns';

    public function test_a_second_persons_first_day(): void
    {
        $product = $this->product($this->shop);
        $email = 'ada.'.bin2hex(random_bytes(4)).'@letters.example';
        $browser = $this->atTheConsole()->click('Wren Halloway')->click('People in this shop')->seeing('Invite somebody');
        $this->assertAccessible($browser, 'people');
        $browser->type('E-mail', 'ada')->click('Invite')->seeing('is not an e-mail address')->type('E-mail', $email)->seeing('Changes everything but the payee and the people.')
            ->click('Invite')->seeing('A mail with a link is on its way')->seeing('Invited, not here yet');
        $link = $this->linkIn($email, 'invitation');

        // In a browser of her own.
        $browser = $this->browserAnew()->goTo($link)->seeing('Work in Tarn Side Goods')->seeing('is invited as Editor');
        $this->assertAccessible($browser, 'an invitation');
        $browser->click('Accept and begin')->seeing('Your name is missing.')->type('Your name', 'Ada Nwosu-Reed')->type('Password', self::NEW)->seeing('Strong.')->press(WebDriverKeys::ENTER)
            ->arrivingAt("/{$this->shop->slug}/offers")->click('Ada Nwosu-Reed')->seeing('Your account')->notSeeing('People in this shop');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/shop"))->seeing('Only an owner can change it')->notSeeing('Change the payee');
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->type('Name', 'Heather honey, the large jar')->click('Save')->seeing('New product');

        $ada = Person::query()->where('email_key', $email)->firstOrFail();
        $ada->shops()->updateExistingPivot($this->shop->id, ['role' => Role::Reader]);
        $browser->goTo($this->consoleAddress("/{$this->shop->slug}/products/{$product->id}"))->seeing('you see everything and change nothing')->type('Name', 'Something else')->click('Save')->seeing('You can look at everything in this shop, but change nothing');
        self::assertSame('Heather honey, the large jar', $product->refresh()->name);
        $browser->click('Cancel')->seeing('New product');
        $browser->goTo($link)->seeing('can’t be used any more');
    }

    public function test_a_forgotten_password_is_chosen_anew_by_a_mailed_link(): void
    {
        $browser = $this->browser()->goTo($this->consoleAddress('/sign-in'))->click('Forgotten your password?')->seeing('A new password')->type('E-mail', $this->person->email)->click('Send me a link')->seeing('If somebody signs in with this address');
        $browser->until(fn (): bool => Message::query()->where('to', $this->person->email)->exists(), 'the mail to be written');
        $browser->goTo($this->linkIn($this->person->email, 'password'))->type('New password', 'too short')->click('Take this password')->seeing('The password is too short')
            ->type('New password', self::NEW)->click('Take this password')->seeing('This is your password now.')
            ->click('Sign in')->type('E-mail', $this->person->email)->type('Password', self::NEW)->click('Sign in')->seeing('Offers');
    }

    public function test_a_second_factor_is_set_up_asked_for_and_ended(): void
    {
        $browser = $this->atTheConsole()->click('Wren Halloway')->click('Your account')->seeing('An app on your phone shows a new code');
        $this->assertAccessible($browser, 'the account');
        $browser->type('Your password', self::PASSWORD)->click('Set it up')->seeing('or type the secret into it');
        $base32 = $browser->css('[data-secret]')->getText();
        $secret = TotpSecret::ofBytes((string) hex2bin($this->person->refresh()->second_factor ?? ''));
        self::assertSame($secret->base32(), $base32);
        $browser->type('The code that the app shows', '000000')->click('Ask for codes from now on')->seeing('This code is not the one of now')
            ->type('The code that the app shows', $this->code($secret))->click('Ask for codes from now on')->seeing('Keep these recovery codes');
        [$first, $second] = explode("\n", $browser->css('[data-codes]')->getText());
        $browser->click('I have kept them')->seeing('a code of your app is asked for');

        $browser->click('Wren Halloway')->click('Sign out')->arrivingAt('/sign-in')->type('E-mail', $this->person->email)->type('Password', self::PASSWORD)->notSeeing('Code')->click('Sign in')->seeing('Type the six digits')
            ->type('Code', trim($first))->click('Sign in')->seeing('Offers');
        $browser->goTo($this->consoleAddress('/account'))->seeing('a code of your app is asked for')->type('Your password', self::PASSWORD)->type('Code', trim($second))->click('Ask for no code any more')->seeing('Set it up');
        $browser->click('Sign out everywhere else')->seeing('You are signed in only here now.')->click('Leave Tarn Side Goods')->seeing('What you made stays.')->press(WebDriverKeys::ESCAPE)->notSeeing('What you made stays.');
    }

    private function code(TotpSecret $secret): string
    {
        return (new Totp($secret))->code(Totp::stepAt(Moment::ofSeconds(time())));
    }

    private function linkIn(string $email, string $path): string
    {
        $text = Message::query()->where('to', $email)->latest('id')->firstOrFail()->text;

        return preg_match("#\S+/{$path}/[\w-]+#", $text, $parts) === 1 ? $parts[0] : self::fail("There is no link in: {$text}");
    }
}
