@extends('errors.layout')
@section('title', 'Something went wrong on the server')
@section('content')
    <p>What was saved is safe. Load the page again in a moment. If it stays like this, tell whoever looks after the server.</p>
@endsection
