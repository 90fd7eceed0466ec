@extends('errors.layout')
@section('title', 'There is nothing at this address')
@section('content')
    <p>A letter may be missing or wrong. Look at the link again, or begin here:</p>
    <p class="flex flex-wrap gap-3">
        <a class="inline-flex min-h-12 items-center rounded-md bg-action px-5 font-semibold text-sheet" href="/join">I have a class code</a>
        <a class="inline-flex min-h-12 items-center rounded-md border border-edge bg-sheet px-5" href="/">I am a teacher</a>
    </p>
@endsection
