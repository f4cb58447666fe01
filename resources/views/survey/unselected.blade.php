@part('parts.findings')
@include('survey.panels')
