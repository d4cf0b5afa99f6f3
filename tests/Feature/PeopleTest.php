<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Invitation;
use App\Models\Message;
use App\Models\Person;
use App\Models\Shop;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\People\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Who works in a shop, and how others come to it. */
final class PeopleTest extends TestCase
{
    private const PASSWORD = 'four paper lanterns';

    private Shop $shop;

    private Person $owner;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop(['name' => 'Tarn Side Goods']);
        $this->owner = $this->person($this->shop);
        $this->actingAs($this->owner);
    }

    public function test_whoever_is_invited_comes_in_as_what_they_were_invited_to_be(): void
    {
        $token = $this->invite('Ada@letters.example', Role::Editor);
        $this->signOut();
        $this->getJson($this->console("/api/invitations/{$token}"))->assertOk()->assertExactJson(['shop' => 'Tarn Side Goods', 'email' => 'Ada@letters.example', 'role' => 'Editor', 'note' => 'Changes everything but the payee and the people.', 'is_known' => false]);
        $this->accept($token, ['name' => 'Ada Nwosu-Reed', 'password' => self::PASSWORD])->assertOk()->assertJsonPath('shops.0.role', 'editor');
        $this->getJson($this->console('/api/me'))->assertJsonPath('person.email', 'Ada@letters.example');

        $ada = Person::query()->where('email_key', 'ada@letters.example')->firstOrFail();
        self::assertSame(Role::Editor, $ada->roleIn($this->shop));
        $this->signOut();
        $this->getJson($this->console("/api/invitations/{$token}"))->assertNotFound()->assertJsonPath('message', 'This invitation can’t be used any more; ask for a new one.');
        $this->accept($token, ['name' => 'Eve', 'password' => self::PASSWORD])->assertNotFound();
        self::assertSame(2, $this->shop->people()->count());
    }

    public function test_a_known_person_comes_in_as_themselves_and_nobody_else_does(): void
    {
        $known = $this->person($this->shop());
        $token = $this->invite($known->email, Role::Reader);

        $this->accept($token, [])->assertUnprocessable()->assertJsonPath('message', "This invitation is for {$known->email}; sign in as that person, or open it in another browser.");
        $this->signOut();
        $this->getJson($this->console("/api/invitations/{$token}"))->assertJsonPath('is_known', true);
        $this->accept($token, ['name' => 'Eve', 'password' => self::PASSWORD])->assertUnprocessable()->assertJsonPath('message', "“{$known->email}” has a password here already; sign in with it, and open the link again.");
        $this->actingAs($known, 'web');
        $this->accept($token, [])->assertOk();
        self::assertSame(Role::Reader, $known->roleIn($this->shop));
    }

    public function test_an_invitation_expires_is_withdrawn_and_gives_way_to_a_newer_one(): void
    {
        $first = $this->invite('ada@letters.example', Role::Editor);
        $second = $this->invite(' ADA@letters.example', Role::Reader);
        $this->getJson($this->console("/api/invitations/{$first}"))->assertNotFound();
        $this->getJson($this->console("/api/invitations/{$second}"))->assertOk();
        $open = $this->getJson($this->people())->assertJsonCount(1, 'invitations')->json('invitations.0.id');
        $this->deleteJson($this->console("/api/shops/{$this->shop->slug}/invitations/".(is_int($open) ? $open : 0)))->assertOk()->assertJsonCount(0, 'invitations');
        $this->getJson($this->console("/api/invitations/{$second}"))->assertNotFound();

        $third = $this->invite('ada@letters.example', Role::Reader);
        $this->travel(8)->days();
        $this->getJson($this->console("/api/invitations/{$third}"))->assertNotFound();
        $this->signOut();
        $this->accept($third, ['name' => 'Ada', 'password' => self::PASSWORD])->assertNotFound();
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('refused')]
    public function test_whom_nobody_can_be_invited_as(array $form, string $field): void
    {
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/invitations"), $form)->assertUnprocessable()->assertJsonValidationErrorFor($field);
        self::assertSame(0, Invitation::query()->where('shop_id', $this->shop->id)->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'no address' => [['email' => 'ada', 'role' => 'editor'], 'email'];
        yield 'a line break in it' => [['email' => "ada@letters.example\nBcc: eve@letters.example", 'role' => 'editor'], 'email'];
        yield 'no role' => [['email' => 'ada@letters.example'], 'role'];
        yield 'an unknown role' => [['email' => 'ada@letters.example', 'role' => 'admin'], 'role'];
    }

    public function test_who_works_here_already_is_not_invited_and_nobody_is_pestered(): void
    {
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/invitations"), ['email' => strtoupper($this->owner->email), 'role' => 'reader'])->assertUnprocessable()->assertJsonValidationErrorFor('email');
        foreach (range(1, 20) as $number) {
            $this->invite("reader{$number}@letters.example", Role::Reader);
        }
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/invitations"), ['email' => 'one.more@letters.example', 'role' => 'reader'])->assertUnprocessable()->assertJsonPath('errors.email.0', '20 invitations are open already; withdraw one first.');
    }

    public function test_the_last_owner_is_neither_lowered_nor_removed_and_does_not_leave(): void
    {
        $sentence = 'Wren Halloway is the only owner of this shop; make somebody else an owner first.';
        $this->putJson($this->member($this->owner), ['role' => 'editor'])->assertUnprocessable()->assertJsonPath('errors.role.0', $sentence);
        $this->deleteJson($this->member($this->owner))->assertUnprocessable()->assertJsonPath('errors.role.0', $sentence);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/leave"))->assertUnprocessable();
        self::assertSame(Role::Owner, $this->owner->roleIn($this->shop));

        $other = $this->person($this->shop);
        $this->putJson($this->member($this->owner), ['role' => 'reader'])->assertOk();
        self::assertSame([Role::Reader, Role::Owner], [$this->owner->roleIn($this->shop), $other->roleIn($this->shop)]);
        $this->putJson($this->member($other), ['role' => 'reader'])->assertForbidden();
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/leave"))->assertNoContent();
        $this->getJson($this->console("/api/shops/{$this->shop->slug}"))->assertNotFound();
    }

    public function test_whoever_is_removed_is_out_with_the_next_request_and_others_stay(): void
    {
        $other = $this->person($this->shop);
        $this->deleteJson($this->member($other))->assertOk()->assertJsonCount(1, 'people');
        $this->actingAs($other)->getJson($this->console("/api/shops/{$this->shop->slug}"))->assertNotFound();
        $this->actingAs($this->owner)->getJson($this->console("/api/shops/{$this->shop->slug}"))->assertOk();
        $this->deleteJson($this->member($this->person($this->shop())))->assertNotFound();
    }

    private function invite(string $email, Role $role): string
    {
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/invitations"), ['email' => $email, 'role' => $role->value])->assertCreated();
        $text = Message::query()->where(['shop_id' => $this->shop->id, 'to' => trim($email)])->latest('id')->firstOrFail()->text;

        return preg_match('#/invitation/([\w-]+)#', $text, $parts) === 1 ? $parts[1] : self::fail("There is no link in: {$text}");
    }

    /**
     * @param  array<string, string>  $form
     * @return TestResponse<Response>
     */
    private function accept(string $token, array $form): TestResponse
    {
        return $this->postJson($this->console("/api/invitations/{$token}"), $form);
    }

    private function signOut(): void
    {
        Auth::forgetGuards();
        $this->flushSession();
    }

    private function people(): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/people");
    }

    private function member(Person $person): string
    {
        return "{$this->people()}/{$person->id}";
    }
}
