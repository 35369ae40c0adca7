namespace refero {}
