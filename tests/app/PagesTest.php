<?php

declare(strict_types=1);

namespace Tests\App;

use Illuminate\Support\Facades\Route;
use RuntimeException;

class PagesTest extends TestCase
{
    public function test_a_wrong_address_says_so_and_leads_to_where_one_can_begin(): void
    {
        foreach (['/w/short', '/lesson/short/plan', '/nowhere'] as $address) {
            $this->get($address)->assertNotFound()->assertSee('There is nothing at this address')
                ->assertSee('href="/join"', false)->assertSee('href="/"', false)
                ->assertHeader('Content-Security-Policy');
        }
    }

    public function test_a_fault_says_that_what_was_saved_is_safe_and_nothing_of_the_program(): void
    {
        config(['app.debug' => false]);
        Route::get('/faulty', static fn () => throw new RuntimeException('in a file of ours'));
        $this->get('/faulty')->assertInternalServerError()->assertSee('What was saved is safe')->assertDontSee('in a file of ours');
    }

    public function test_a_server_that_is_brought_up_to_date_says_so(): void
    {
        Route::get('/closed', static fn () => abort(503));
        $this->get('/closed')->assertServiceUnavailable()->assertSee('Back in a few minutes');
    }
}
