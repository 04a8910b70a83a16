<p>hello</p>
