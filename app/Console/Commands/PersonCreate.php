<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Person;
use App\Models\Shop;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use PaperKite\People\InvalidPassword;
use PaperKite\People\Password;
use PaperKite\People\Role;
use PaperKite\Text\EmailAddress;
use PaperKite\Text\InvalidAddress;

final class PersonCreate extends Command
{
    use ReadsText;

    protected $signature = 'person:create
        {email : The address to sign in with}
        {--name= : What to call the person; by default the address}
        {--shop=* : The slug of a shop the person belongs to; make one with shop:create}
        {--role=owner : What the person is there: owner, editor or reader}';

    protected $description = 'Makes a person who can sign in, and asks for the password';

    public function handle(): int
    {
        $email = $this->text('email');
        try {
            $key = EmailAddress::of($email)->key;
        } catch (InvalidAddress) {
            $key = null;
        }
        /** @var list<string> $slugs */
        $slugs = $this->option('shop');
        $shops = Shop::query()->whereIn('slug', $slugs)->get(['id', 'slug']);
        $role = Role::tryFrom($this->optionText('role'));
        $problem = $role === null ? 'A person is owner, editor or reader of a shop; say which with --role.' : $this->problem($email, $key, $slugs, $shops);
        if ($problem !== null) {
            $this->error($problem);

            return self::FAILURE;
        }

        return $role === null ? self::FAILURE : $this->make($email, $shops, $role);
    }

    /** @param  Collection<int, Shop>  $shops */
    private function make(string $email, Collection $shops, Role $role): int
    {
        $typed = $this->secret('Password (at least 12 characters)');
        try {
            $password = Password::of(is_string($typed) ? $typed : '');
        } catch (InvalidPassword $invalid) {
            $this->error("{$invalid->getMessage()} Nothing was made.");

            return self::FAILURE;
        }
        DB::transaction(function () use ($email, $password, $shops, $role): void {
            $person = Person::query()->create(['name' => $this->optionText('name') ?: $email, 'email' => $email, 'password' => $password->text]);
            $person->shops()->attach($shops->modelKeys(), ['role' => $role]);
        });
        $this->info("{$email} can sign in now.");

        return self::SUCCESS;
    }

    /**
     * @param  list<string>  $slugs
     * @param  Collection<int, Shop>  $shops  those of them that are there
     */
    private function problem(string $email, ?string $key, array $slugs, Collection $shops): ?string
    {
        return match (true) {
            $key === null => "“{$email}” is not an e-mail address.",
            Person::query()->where('email_key', $key)->exists() => "A person with the address {$email} exists already.",
            $slugs === [] => 'Name the shop with --shop=SLUG; “php artisan shop:create” makes one.',
            $shops->count() !== count(array_unique($slugs)) => 'No shop has the slug “'.implode('”, “', array_diff($slugs, $shops->map(static fn (Shop $shop): string => $shop->slug)->all())).'”.',
            default => null,
        };
    }
}
