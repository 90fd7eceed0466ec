@extends('errors.layout')
@section('title', 'Back in a few minutes')
@section('content')
    <p>Daybright Lesson is being brought up to date. What was saved is safe. Load the page again in a few minutes.</p>
@endsection
